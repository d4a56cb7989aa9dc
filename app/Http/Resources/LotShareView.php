<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** So much of a lot. */
#[OA\Schema]
final readonly class LotShareView
{
    public function __construct(
        #[OA\Property]
        public LotView $lot,
        #[OA\Property]
        public int $mass_mg,
    ) {}
}
