<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** A place of the flow: a species, what it was cut into, or where that went. */
#[OA\Schema]
final readonly class FlowPlaceView
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $title,
        #[OA\Property(description: 'What comes through it.')]
        public int $mass_mg,
    ) {}
}
