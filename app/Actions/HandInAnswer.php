<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Attempt;
use App\Models\Capture;
use App\Models\User;
use App\School\HeldStandards;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Capture\CaptureKind;
use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Standard\Criterion;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Takes down what a student wrote for a practical: a fact of their tray, as a weight is, until their clock starts. */
final readonly class HandInAnswer
{
    private const DEVICE = 'hand-in';

    public function __construct(private RecordCaptures $recording, private HeldStandards $held) {}

    /**
     * @param list<\stdClass> $sent id, criterion, text
     *
     * @throws InvalidPackage where nothing is asked for in writing there, or nothing is written
     * @throws Conflict       where the clock has started or the practical is cancelled; nothing is taken then
     */
    public function handIn(Attempt $attempt, array $sent, User $user): Recorded
    {
        $standard = $this->held->of($attempt->assessment->held)->standard;
        $asked = array_keys(array_filter($standard->criteria, static fn(Criterion $it): bool => $it->question !== null));
        foreach ($sent as $index => $answer) {
            $node = Node::of($answer, "answers[$index]")->keys(['id', 'criterion', 'text']);
            $criterion = $node->at('criterion')->text();
            if (! in_array($criterion, $asked, true)) {
                throw $node->at('criterion')->noneOf($criterion, $asked);
            }
            if (trim($node->at('text')->text()) === '') {
                throw $node->at('text')->fail(MessageCode::MustNotBeEmpty);
            }
            $answer->kind = CaptureKind::Answer->value;
            $answer->at = self::arrived($node->at('id')->text())->format(Capture::AT_FORMAT);
        }

        return DB::transaction(function () use ($attempt, $sent, $user): Recorded {
            $recorded = $this->recording->record($attempt, $sent, $user, self::DEVICE);
            if ($recorded->new !== [] && ($attempt->assessment->cancelled !== null || $recorded->class->of($attempt->id)->attempt->log->time->startedAt !== null)) {
                throw Conflict::handInOver();
            }

            return $recorded;
        });
    }

    /** By the server's clock: of two answers the one that arrived later is the later one, whatever the clocks of a phone and a tablet say. */
    private static function arrived(string $id): \DateTimeImmutable
    {
        $earlier = Str::isUuid($id) ? Capture::query()->find(mb_strtolower($id)) : null;

        return $earlier->said_at ?? CarbonImmutable::now()->utc();
    }
}
