<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\GradedClass;
use App\Actions\ReleaseState;
use App\Models\Attempt;
use App\Models\Capture;
use DeftBlade\Core\Grading\Stage;
use OpenApi\Attributes as OA;

/** One tray as it stands: its result so far, its log, and what to check when its weights do not balance. */
#[OA\Schema]
final readonly class TrayView
{
    /**
     * @param list<LogEntryView> $log
     * @param list<string>       $advice
     * @param list<MixUpView>    $mix_ups
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
    ) {}

    public static function of(Attempt $attempt, GradedClass $class): self
    {
        $result = $class->of($attempt->id);
        $time = $result->attempt->log->time;

        return new self(
            $attempt->id,
            $attempt->assessment_id,
            $attempt->station,
            $attempt->student->name,
            $result->attempt->resit,
            $result->attempt->timeFactor,
            Stage::of($result),
            $class->document($attempt->id),
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
        );
    }
}
