<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\GradedClass;
use App\Actions\ReleaseState;
use App\Models\Attempt;
use App\Models\Capture;
use App\Models\User;
use DeftBlade\Core\Grading\Stage;
use OpenApi\Attributes as OA;

/** One tray as it stands: its result so far, its log, and what to check when its weights do not balance. */
#[OA\Schema]
final readonly class TrayView
{
    /**
     * @param list<LogEntryView>       $log
     * @param list<string>             $advice
     * @param list<MixUpView>          $mix_ups
     * @param list<CriterionLooksView> $looks
     */
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $attempt,
        #[OA\Property(format: 'uuid')]
        public string $assessment,
        #[OA\Property]
        public int $station,
        #[OA\Property]
        public string $student,
        #[OA\Property]
        public bool $resit,
        #[OA\Property]
        public float $time_factor,
        #[OA\Property(type: 'string', enum: Stage::class)]
        public Stage $stage,
        #[OA\Property(ref: '#/components/schemas/AttemptResult')]
        public \stdClass $result,
        #[OA\Property]
        public HoldsView $holds,
        #[OA\Property(description: 'Milliseconds since 1970 by the device that started the clock; null while it stands.')]
        public ?int $running_since_ms,
        #[OA\Property(description: 'The tray was declared presented: the clock is stopped.')]
        public bool $presented,
        #[OA\Property(type: 'array', items: new OA\Items(ref: LogEntryView::class))]
        public array $log,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $advice,
        #[OA\Property(type: 'array', items: new OA\Items(ref: MixUpView::class))]
        public array $mix_ups,
        #[OA\Property(type: 'string', enum: ReleaseState::class)]
        public ReleaseState $release_state,
        #[OA\Property(description: 'Why its clock may not be set running without a reason; null where it may.')]
        public ?GateView $gate,
        #[OA\Property(description: 'How it stands in the room.')]
        public FloorStationView $on_floor,
        #[OA\Property(ref: ScaleCheckView::class, nullable: true, description: 'The last check of the scale; null where none was made.')]
        public ?ScaleCheckView $scale_check,
        #[OA\Property]
        public SecondLookView $second_look,
        #[OA\Property(type: 'array', items: new OA\Items(ref: CriterionLooksView::class), description: 'Where somebody looked a second time: how each criterion was seen. Nothing while that is hidden from who asks.')]
        public array $looks,
    ) {}

    /** @param Attempt $attempt as far as this person may see it */
    public static function of(Attempt $attempt, GradedClass $class, User $user): self
    {
        $result = $class->of($attempt->id);
        $isBlind = $attempt->isBlindTo($user);
        $names = self::names($attempt);
        $time = $result->attempt->log->time;

        return new self(
            $attempt->id,
            $attempt->assessment_id,
            $attempt->station,
            $attempt->student->name,
            $result->attempt->resit,
            $result->attempt->timeFactor,
            Stage::of($result),
            $isBlind ? self::withoutTotal($class->document($attempt->id)) : $class->document($attempt->id),
            HoldsView::of($result->attempt->log),
            $time->runningSince,
            $time->presented,
            array_values($attempt->captures->map(static fn(Capture $it): LogEntryView => LogEntryView::of($it, $result->attempt->log))->all()),
            $class->adviceFor($attempt->id),
            MixUpView::seenFrom($attempt, $attempt->assessment, $class),
            ReleaseState::of($attempt),
            GateView::of($class->gate(), $result->attempt->log->history),
            FloorStationView::of($attempt, $class, $attempt->assessment),
            ScaleCheckView::latest($attempt->assessment, $class),
            SecondLookView::of($result->attempt->log, $user, $names),
            $isBlind || $attempt->row->looks === null ? [] : CriterionLooksView::allOf($result, $class, $names),
        );
    }

    /** Whoever marks a second time is shown what they have entered, and no total of it. */
    private static function withoutTotal(\stdClass $result): \stdClass
    {
        return (object) (['total' => null, 'band' => null, 'borderline' => [], 'remarks' => [], 'caps' => []] + (array) $result);
    }

    /** @return array<string, string> of everybody who took something down or is asked for a second look, by id */
    private static function names(Attempt $attempt): array
    {
        $names = $attempt->captures->mapWithKeys(static fn(Capture $it): array => [$it->user_id => $it->user->name])->all();
        $others = array_values(array_diff([...$attempt->row->second_open, ...$attempt->row->second_finished], array_keys($names)));

        return $names + User::namesOf($others);
    }
}
