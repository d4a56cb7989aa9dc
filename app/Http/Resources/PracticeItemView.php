<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\PublishedStandard;
use OpenApi\Attributes as OA;

/** A standard that can be practised. */
#[OA\Schema]
final readonly class PracticeItemView
{
    private function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $species,
        #[OA\Property]
        public int $pieces,
        #[OA\Property(description: 'Null where no time is asked for.')]
        public ?int $standard_ms,
        #[OA\Property(format: 'date', description: 'The next day whoever asks cuts by it; null where none is planned.')]
        public ?string $next_on,
        #[OA\Property(description: 'How often whoever asks was at a practical by it so far.')]
        public int $tries,
        #[OA\Property(description: 'Questions that whoever asks answered before and that are due again.')]
        public int $due,
        #[OA\Property]
        public SmallMapView $map,
    ) {}

    public static function of(PublishedStandard $standard, StandardInBrief $brief, ?string $nextOn, int $tries, int $due): self
    {
        return new self($standard->id, $brief->title, $brief->species, $brief->pieces, $brief->standardMs, $nextOn, $tries, $due, $brief->map);
    }
}
