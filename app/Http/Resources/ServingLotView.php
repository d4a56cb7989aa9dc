<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** What to take from one lot. */
#[OA\Schema]
final readonly class ServingLotView
{
    public function __construct(
        #[OA\Property]
        public LotView $lot,
        #[OA\Property]
        public int $mass_mg,
    ) {}
}
