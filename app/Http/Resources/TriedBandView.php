<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** Results in one band, as they stand and as they would be. */
#[OA\Schema]
final readonly class TriedBandView
{
    public function __construct(
        #[OA\Property]
        public string $band,
        #[OA\Property]
        public int $before,
        #[OA\Property]
        public int $after,
    ) {}
}
