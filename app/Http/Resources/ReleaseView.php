<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Capture;
use App\Models\Release;
use OpenApi\Attributes as OA;

/** One version of a released result: which, why, by whom and when. */
#[OA\Schema]
final readonly class ReleaseView
{
    private function __construct(
        #[OA\Property]
        public int $version,
        #[OA\Property]
        public string $reason,
        #[OA\Property]
        public ?float $total,
        #[OA\Property]
        public ?string $band,
        #[OA\Property(format: 'date-time')]
        public string $released_at,
        #[OA\Property]
        public string $released_by,
        #[OA\Property(description: 'The SHA-256 of everything the student was shown.')]
        public string $sha256,
    ) {}

    /** @param Release $release with who released it */
    public static function of(Release $release): self
    {
        return new self(
            $release->version,
            $release->reason,
            $release->total,
            $release->band,
            $release->released_at->utc()->format(Capture::AT_FORMAT),
            $release->releasedBy->name,
            $release->seal_sha256,
        );
    }
}
