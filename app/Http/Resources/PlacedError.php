<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** One thing that is wrong, and where in the request it stands. */
#[OA\Schema(required: ['path', 'detail'])]
final readonly class PlacedError
{
    public function __construct(#[OA\Property] public string $path, #[OA\Property] public string $detail) {}
}
