<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** One part of the carcass: its share in force, and the one proposed. */
#[OA\Schema]
final readonly class OwnShareView
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public float $share,
        #[OA\Property]
        public float $new_share,
    ) {}
}
