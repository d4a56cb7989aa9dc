<?php

declare(strict_types=1);

namespace App\Actions;

use App\Api\Conflict;
use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\Capture;
use App\Models\User;
use App\Photos\PhotoStore;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Capture\CaptureReader;
use DeftBlade\Core\Capture\Instant;
use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Standard\Standard;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Takes captures down for an attempt: all of a request or none of it, each id once. */
final readonly class RecordCaptures
{
    private const COMMON = ['id', 'at', 'by', 'kind'];

    public function __construct(private GradeClass $grading, private SafeStart $safety, private PhotoStore $photos) {}

    /**
     * @param list<\stdClass> $sent as the device made them: id, at, kind and what the kind says
     *
     * @throws InvalidPackage when a capture is not right, or the class could not be graded with it
     * @throws Conflict       when an id is taken by another capture
     */
    public function record(Attempt $attempt, array $sent, User $user, string $device, int $offsetMs = 0): void
    {
        $captures = $this->read($attempt->assessment, $sent, $user);
        DB::transaction(function () use ($attempt, $captures, $user, $device, $offsetMs): void {
            // One writer a class at a time, so that seq grows in the order of commits and a cursor never skips one.
            Assessment::query()->whereKey($attempt->assessment_id)->lockForUpdate()->firstOrFail();
            foreach ($captures as $capture) {
                $this->add($attempt, $capture, $user, $device, $offsetMs);
            }
            $class = $this->grading->grade($attempt->assessment, [$attempt->load('captures')]);
            $this->safety->check($class->of($attempt->id)->attempt->log, $class->standard, $captures);
        });
    }

    /**
     * @param list<\stdClass> $sent
     *
     * @return list<\stdClass>
     */
    private function read(Assessment $assessment, array $sent, User $user): array
    {
        $reader = new CaptureReader(Standard::read(Node::of($assessment->document, 'standard')));
        foreach ($sent as $index => $capture) {
            $capture->by = $user->id;
            $node = Node::of($capture, "captures[$index]");
            $reader->read($node);
            if ($node->at('kind')->text() === 'photo' && ! $this->photos->has($node->at('sha256')->text())) {
                throw $node->at('sha256')->fail('the photograph itself has not come yet');
            }
            if (! Str::isUuid($node->at('id')->text(), 7)) {
                throw $node->at('id')->fail('must be a UUID of version 7');
            }
        }

        return $sent;
    }

    private function add(Attempt $attempt, \stdClass $capture, User $user, string $device, int $offsetMs): void
    {
        $node = Node::of($capture);
        $id = mb_strtolower($node->at('id')->text());
        $row = [
            'id' => $id,
            'attempt_id' => $attempt->id,
            'kind' => $node->at('kind')->text(),
            'at' => CarbonImmutable::createFromTimestampMsUTC(Instant::read($node->at('at'))),
            'payload' => (object) array_diff_key((array) $capture, array_flip(self::COMMON)),
            'user_id' => $user->id,
        ];
        $earlier = Capture::query()->find($id);
        if ($earlier === null) {
            Capture::query()->create($row + ['device' => $device, 'offset_ms' => $offsetMs, 'received_at' => CarbonImmutable::now()]);

            return;
        }
        // The same request sent again leaves what is there; another fact under its id is refused.
        if ($earlier->attempt_id !== $attempt->id || $earlier->inPackage() != (new Capture($row))->inPackage()) {
            throw Conflict::captureIdTaken($id);
        }
    }
}
