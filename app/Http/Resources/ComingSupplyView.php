<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\ComingSupply;
use OpenApi\Attributes as OA;

/** What a practical that is to come should make of something. */
#[OA\Schema]
final readonly class ComingSupplyView
{
    private function __construct(
        #[OA\Property]
        public string $title,
        #[OA\Property(format: 'date')]
        public string $held_on,
        #[OA\Property]
        public int $mass_mg,
        #[OA\Property(description: '0 of what is not counted in pieces.')]
        public int $pieces,
    ) {}

    public static function of(ComingSupply $supply): self
    {
        return new self($supply->assessment->title, $supply->assessment->held_on->toDateString(), $supply->massMg, $supply->pieces);
    }
}
