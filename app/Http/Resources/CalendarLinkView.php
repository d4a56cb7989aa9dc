<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\CalendarLink;
use App\Models\Capture;
use OpenApi\Attributes as OA;

/** A link by which a calendar reads practicals. */
#[OA\Schema]
final readonly class CalendarLinkView
{
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(description: 'The room whose practicals it reads; null for one\'s own.')]
        public ?string $room,
        #[OA\Property(format: 'date-time')]
        public string $made_at,
        #[OA\Property(description: 'The address, told only when it is made.')]
        public ?string $address,
    ) {}

    public static function of(CalendarLink $link, ?string $token = null): self
    {
        return new self($link->id, $link->room, $link->made_at->utc()->format(Capture::AT_FORMAT), $token === null ? null : url("/api/v1/calendar.ics?token=$token"));
    }
}
