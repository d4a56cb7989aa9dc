<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Brief\BriefPlan;
use OpenApi\Attributes as OA;

/** How the hour goes: waves, benches, and the queue at the scale; times in seconds from the start. */
#[OA\Schema]
final readonly class BriefHourView
{
    /** @param list<float> $waiting */
    private function __construct(
        #[OA\Property]
        public int $waves,
        #[OA\Property(description: 'When the last bench is clean.')]
        public float $free_s,
        #[OA\Property]
        public ?float $mean_wait_s,
        #[OA\Property(description: 'Nineteen trays in twenty wait no longer.')]
        public ?float $p95_wait_s,
        #[OA\Property(description: 'When the last tray is weighed, on average.')]
        public ?float $last_s,
        #[OA\Property(description: 'In nineteen hours of twenty.')]
        public ?float $p95_last_s,
        #[OA\Property(description: 'The share of the scales\' time in which something is weighed.')]
        public ?float $utilisation,
        #[OA\Property(type: 'array', description: 'How many trays stand in the queue on average, minute by minute from the start.', items: new OA\Items(type: 'number'))]
        public array $waiting,
        #[OA\Property(description: 'The smallest gap between waves that keeps the wait under the limit; null where there is one wave, or none does.')]
        public ?int $smallest_gap_s,
        #[OA\Property(description: 'How long a tray takes at the scale.')]
        public float $weighing_s,
        #[OA\Property(description: 'Measured on so many trays of the school.')]
        public int $weighed_trays,
        #[OA\Property(description: 'Whether the school\'s own trays are counted by; else a usual figure is.')]
        public bool $is_own,
    ) {}

    public static function of(BriefPlan $plan): self
    {
        $in = $plan->weighIn;

        return new self(
            $plan->hour->waves(),
            $plan->hour->freeS(),
            $in?->meanWaitS,
            $in?->p95WaitS,
            $in?->lastS,
            $in?->p95LastS,
            $in?->utilisation,
            $in->waiting ?? [],
            $plan->smallestGapS,
            $plan->times->service->meanS,
            $plan->times->trays,
            $plan->times->isOwn,
        );
    }
}
