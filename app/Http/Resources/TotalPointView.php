<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\Agreement;
use DeftBlade\Core\Agreement\TotalTwice;
use OpenApi\Attributes as OA;

/** One tray in the picture of differences against means. */
#[OA\Schema]
final readonly class TotalPointView
{
    private function __construct(
        #[OA\Property(description: 'Practical, day and station.')]
        public string $tray,
        #[OA\Property(format: 'uuid')]
        public string $attempt,
        #[OA\Property]
        public string $first_by,
        #[OA\Property]
        public float $first,
        #[OA\Property]
        public string $second_by,
        #[OA\Property]
        public float $second,
    ) {}

    public static function of(TotalTwice $total, Agreement $agreement): self
    {
        return new self($agreement->trays[$total->tray] ?? '', $total->tray, $agreement->names[$total->firstBy] ?? '', $total->first, $agreement->names[$total->secondBy] ?? '', $total->second);
    }
}
