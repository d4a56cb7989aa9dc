<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** One step of a criterion, and how often it was given. */
#[OA\Schema]
final readonly class LevelLookView
{
    public function __construct(
        #[OA\Property]
        public string $text,
        #[OA\Property]
        public float $points,
        #[OA\Property(description: 'Trays that any assessor gave it to.')]
        public int $given,
    ) {}
}
