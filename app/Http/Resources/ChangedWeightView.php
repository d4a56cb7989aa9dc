<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** A weight that was corrected after it had become part of a lot. */
#[OA\Schema]
final readonly class ChangedWeightView
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $lot,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public int $station,
        #[OA\Property]
        public int $was_mg,
        #[OA\Property(description: 'Null where it was withdrawn, or the piece thrown away.')]
        public ?int $now_mg,
    ) {}
}
