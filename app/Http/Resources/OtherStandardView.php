<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\PublishedStandard;
use OpenApi\Attributes as OA;

/** A standard that cuts the same carcass. */
#[OA\Schema]
final readonly class OtherStandardView
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public int $version,
    ) {}

    public static function of(PublishedStandard $it, string $title): self
    {
        return new self($it->id, $title, $it->version);
    }
}
