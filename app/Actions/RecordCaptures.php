<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\User;
use App\Photos\PhotoStore;
use DeftBlade\Core\Capture\CaptureKind;
use DeftBlade\Core\Capture\CaptureReader;
use DeftBlade\Core\Capture\LooksApart;
use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Standard\MiseList;
use DeftBlade\Core\Standard\Standard;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Takes captures down for an attempt: all of a request or none of it, each id once. */
final readonly class RecordCaptures
{
    public function __construct(
        private GradeClass $grading,
        private AddCapture $adding,
        private ProjectResults $projecting,
        private PhotoStore $photos,
    ) {}

    /**
     * @param list<\stdClass> $sent as the device made them: id, at, kind and what the kind says
     *
     * @throws InvalidPackage when a capture is not right, the class could not be graded with it, or a clock may not start
     * @throws Conflict       when an id is taken by another capture, or a station by another student
     */
    public function record(Attempt $attempt, array $sent, User $user, string $device, int $offsetMs = 0): void
    {
        $captures = $this->read($attempt->assessment, $sent, $user);
        DB::transaction(function () use ($attempt, $captures, $user, $device, $offsetMs): void {
            // One writer a class at a time, so that seq grows in the order of commits and a cursor never skips one.
            $assessment = Assessment::query()->whereKey($attempt->assessment_id)->lockForUpdate()->firstOrFail();
            $new = [];
            foreach ($captures as $capture) {
                if ($this->adding->add($attempt, $capture, $user, $device, $offsetMs)) {
                    $new[] = $capture->id;
                }
            }
            $class = $this->grading->grade($assessment, [$attempt->load('captures')]);
            $this->passGate($class, $attempt, $captures, $new);
            self::keepLooksApart($class, $attempt, $captures, $new);
            $this->refuseTakenStation($class, $attempt);
            $this->projecting->project($assessment, [$attempt], $class);
        });
        $attempt->unsetRelation('row');
        $attempt->load('row');
    }

    /**
     * @param list<\stdClass> $sent
     *
     * @return list<\stdClass>
     */
    private function read(Assessment $assessment, array $sent, User $user): array
    {
        $reader = new CaptureReader(Standard::read(Node::of($assessment->held->document, 'standard')));
        foreach ($sent as $index => $capture) {
            $capture->by = $user->id;
            $node = Node::of($capture, "captures[$index]");
            $reader->read($node);
            $kind = $node->at('kind')->oneOf(CaptureKind::class);
            if ($kind === CaptureKind::Standard) {
                throw $node->at('kind')->fail(MessageCode::WholeClass);
            }
            if ($kind === CaptureKind::Photo && ! $this->photos->has($node->at('sha256')->text())) {
                throw $node->at('sha256')->fail(MessageCode::NoPhotograph);
            }
            if ($kind === CaptureKind::SecondLook && ! self::isAssessor($node->at('marker')->text())) {
                throw $node->at('marker')->fail(MessageCode::NoAssessor);
            }
            if (! Str::isUuid($node->at('id')->text(), 7)) {
                throw $node->at('id')->fail(MessageCode::NotUuid7);
            }
            $capture->id = mb_strtolower($node->at('id')->text());
        }

        return $sent;
    }

    /**
     * @param list<\stdClass> $captures
     * @param list<mixed>     $new      ids
     */
    private function passGate(GradedClass $class, Attempt $attempt, array $captures, array $new): void
    {
        $shut = $class->gate()->shutFor($class->of($attempt->id)->attempt->log->history, array_values(array_filter($new, is_string(...))));
        foreach ($captures as $index => $capture) {
            $gate = is_string($capture->id) ? $shut[$capture->id] ?? null : null;
            if ($gate !== null) {
                throw InvalidPackage::at("captures[$index].reason", MessageCode::GateShut, ['looked' => $gate->isLookedAt, 'items' => self::named($class->mise, $gate->open)]);
            }
        }
    }

    /**
     * @param list<\stdClass> $captures
     * @param list<mixed>     $new      ids
     */
    private static function keepLooksApart(GradedClass $class, Attempt $attempt, array $captures, array $new): void
    {
        $refused = LooksApart::refused($class->of($attempt->id)->attempt->log->history, array_values(array_filter($new, is_string(...))), $class->policy->moderation->thirdAgrees ?? false);
        foreach ($captures as $index => $capture) {
            $look = is_string($capture->id) ? $refused[$capture->id] ?? null : null;
            if ($look !== null) {
                throw InvalidPackage::at("captures[$index].{$look->key}", $look->why->code, $look->why->figures);
            }
        }
    }

    private static function isAssessor(string $id): bool
    {
        $person = Str::isUuid($id) ? User::query()->find($id) : null;

        return $person !== null && $person->left_at === null && $person->role->mayCapture();
    }

    /** @param list<string> $ids */
    private static function named(MiseList $mise, array $ids): string
    {
        return implode('; ', array_map(static fn(string $id): string => lcfirst(strtr($mise->items[$id]->title, ['{' => '', '}' => ''])), $ids));
    }

    private function refuseTakenStation(GradedClass $class, Attempt $attempt): void
    {
        $station = $class->of($attempt->id)->attempt->log->terms->station;
        $other = Attempt::query()->with('student')->where('assessment_id', $attempt->assessment_id)->whereKeyNot($attempt->id)->whereRelation('row', 'station', $station)->first();
        if ($other !== null) {
            throw Conflict::stationTaken((int) $station, $other->student->name);
        }
    }
}
