<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Trends\Difference;
use OpenApi\Attributes as OA;

/** The trays with one value of a factor beside all others. */
#[OA\Schema]
final readonly class DifferenceView
{
    private function __construct(
        #[OA\Property]
        public string $value,
        #[OA\Property]
        public int $trays,
        #[OA\Property]
        public int $others,
        #[OA\Property(ref: IntervalView::class, nullable: true, description: 'Points of the total, each tray beside the mean of its class; null where one side has too few.')]
        public ?IntervalView $points,
        #[OA\Property(description: 'No difference at all is not within the interval.')]
        public bool $stands_out,
    ) {}

    public static function of(Difference $it): self
    {
        return new self($it->value, $it->trays, $it->others, IntervalView::of($it->points), $it->standsOut());
    }
}
