<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\PublishedStandard;
use DeftBlade\Core\Standard\Standard;
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
        #[OA\Property(description: 'How many practicals name this version.')]
        public int $used,
    ) {}

    public static function of(PublishedStandard $published, Standard $standard): self
    {
        return new self(
            $published->id,
            $published->key,
            $published->version,
            $standard->title,
            $standard->species,
            count($standard->cuts->pieces),
            $standard->time === null ? null : (int) $standard->time->standardMs,
            $standard->time === null ? null : (int) $standard->time->limitMs,
            TrayLayoutView::of($published->document, $standard),
            $published->assessments_count ?? 0,
        );
    }
}
