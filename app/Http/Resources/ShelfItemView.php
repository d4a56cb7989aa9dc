<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\PublishedStandard;
use OpenApi\Attributes as OA;

/** A standard as it stands on the shelf. */
#[OA\Schema]
final readonly class ShelfItemView
{
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property]
        public string $key,
        #[OA\Property]
        public int $version,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $species,
        #[OA\Property]
        public int $pieces,
        #[OA\Property]
        public ?int $standard_ms,
        #[OA\Property]
        public ?int $limit_ms,
        #[OA\Property]
        public TrayLayoutView $layout,
        #[OA\Property]
        public SmallMapView $map,
        #[OA\Property(description: 'How many practicals name this version.')]
        public int $used,
    ) {}

    /** @param PublishedStandard $published with the count of its assessments */
    public static function of(PublishedStandard $published, StandardInBrief $standard): self
    {
        return new self(
            $published->id,
            $published->key,
            $published->version,
            $standard->title,
            $standard->species,
            $standard->pieces,
            $standard->standardMs,
            $standard->limitMs,
            $standard->layout,
            $standard->map,
            $published->assessments_count ?? 0,
        );
    }
}
