<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** A component of the grade as a column of the class sheet. */
#[OA\Schema]
final readonly class SheetColumnView
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public float $weight,
    ) {}
}
