<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** How long the carcass of a tray was out of the refrigerator. */
#[OA\Schema]
final readonly class ColdTimeView
{
    public function __construct(
        #[OA\Property]
        public int $station,
        #[OA\Property(description: 'Of the times that are over.')]
        public int $out_ms,
        #[OA\Property(description: 'Since when it is out now; null where it is not.')]
        public ?int $since_ms,
    ) {}
}
