<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** How many results of a class are in a band, and of the earlier classes at the same standard. */
#[OA\Schema]
final readonly class BandCountView
{
    public function __construct(
        #[OA\Property]
        public string $band,
        #[OA\Property]
        public int $count,
        #[OA\Property]
        public int $earlier,
    ) {}
}
