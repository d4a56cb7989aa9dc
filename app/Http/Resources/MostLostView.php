<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Practice\MostLost;
use OpenApi\Attributes as OA;

/** One thing that a group lost points at. */
#[OA\Schema]
final readonly class MostLostView
{
    private function __construct(
        #[OA\Property]
        public string $title,
        #[OA\Property(description: 'Of the total, the mean over all trays looked at.')]
        public float $points,
        #[OA\Property(description: 'Trays that lost points at it.')]
        public int $times,
        #[OA\Property(description: 'Trays looked at.')]
        public int $trays,
    ) {}

    public static function of(MostLost $it): self
    {
        return new self($it->title, round($it->points, 2), $it->times, $it->trays);
    }
}
