<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\BriefChange;
use App\Models\Capture;
use OpenApi\Attributes as OA;

/** What became of a practical after it was set. */
#[OA\Schema]
final readonly class BriefChangeView
{
    private function __construct(
        #[OA\Property(format: 'date', description: 'The day it is on since; null where it was cancelled.')]
        public ?string $day,
        #[OA\Property(description: 'HH:MM, at the school.', pattern: '^([01]\d|2[0-3]):[0-5]\d$')]
        public ?string $start,
        #[OA\Property(format: 'date')]
        public ?string $was_day,
        #[OA\Property(pattern: '^([01]\d|2[0-3]):[0-5]\d$')]
        public ?string $was_start,
        #[OA\Property]
        public string $reason,
        #[OA\Property]
        public string $by,
        #[OA\Property(format: 'date-time')]
        public string $at,
    ) {}

    public static function of(BriefChange $change): self
    {
        return new self($change->day?->toDateString(), $change->start, $change->was_day?->toDateString(), $change->was_start, $change->reason, $change->user->name, $change->at->utc()->format(Capture::AT_FORMAT));
    }
}
