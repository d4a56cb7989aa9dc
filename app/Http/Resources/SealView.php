<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Capture;
use App\Models\Release;
use OpenApi\Attributes as OA;

/** When and by whom a result was released, and the digest of the package it was computed from. */
#[OA\Schema]
final readonly class SealView
{
    private function __construct(
        #[OA\Property(format: 'date-time')]
        public string $released_at,
        #[OA\Property]
        public string $released_by,
        #[OA\Property]
        public string $package_sha256,
    ) {}

    public static function of(Release $release): self
    {
        return new self($release->released_at->utc()->format(Capture::AT_FORMAT), $release->releasedBy->name, $release->package_sha256);
    }
}
