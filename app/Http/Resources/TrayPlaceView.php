<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class TrayPlaceView
{
    public function __construct(
        #[OA\Property]
        public string $place,
        #[OA\Property]
        public int $column,
        #[OA\Property]
        public int $row,
    ) {}
}
