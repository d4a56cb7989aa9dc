<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** A standard that classes were held by. */
#[OA\Schema]
final readonly class TrendStandardView
{
    public function __construct(
        #[OA\Property(format: 'uuid', description: 'Its latest version.')]
        public string $id,
        #[OA\Property]
        public string $key,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public int $classes,
    ) {}
}
