<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** A weight of a tray that a lot may be made of. */
#[OA\Schema]
final readonly class LotWeightView
{
    public function __construct(
        #[OA\Property(description: 'The capture that says it.', format: 'uuid')]
        public string $capture,
        #[OA\Property]
        public int $mass_mg,
    ) {}
}
