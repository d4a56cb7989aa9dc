<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** Who carcasses came from. */
#[OA\Schema]
final readonly class SupplierView
{
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'Trays that add up.')]
        public int $trays,
    ) {}
}
