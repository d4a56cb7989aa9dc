<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Accommodation;
use App\Models\AccommodationKind;
use OpenApi\Attributes as OA;

/** What a student works under, from a day to a day. */
#[OA\Schema]
final readonly class AccommodationView
{
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(type: 'string', enum: AccommodationKind::class)]
        public AccommodationKind $kind,
        #[OA\Property]
        public ?float $time_factor,
        #[OA\Property(format: 'date')]
        public string $from,
        #[OA\Property(format: 'date', description: 'The last day; null while it goes on.')]
        public ?string $until,
        #[OA\Property]
        public string $reason,
    ) {}

    public static function of(Accommodation $it): self
    {
        return new self($it->id, $it->kind, $it->time_factor, $it->from_day->toDateString(), $it->until_day?->toDateString(), $it->reason);
    }
}
