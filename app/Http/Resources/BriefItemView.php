<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Brief;
use App\Models\Capture;
use OpenApi\Attributes as OA;

/** A brief in the list of them. */
#[OA\Schema]
final readonly class BriefItemView
{
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(description: 'Empty where it has no name yet.')]
        public string $title,
        #[OA\Property(format: 'date')]
        public ?string $day,
        #[OA\Property]
        public string $room,
        #[OA\Property]
        public int $students,
        #[OA\Property(format: 'date-time')]
        public string $saved_at,
        #[OA\Property(format: 'date-time')]
        public ?string $set_at,
    ) {}

    public static function of(Brief $brief): self
    {
        $document = $brief->document;
        $text = static fn(mixed $it): string => is_string($it) ? $it : '';
        $students = static fn(mixed $list): int => $list instanceof \stdClass && is_array($list->students ?? null) ? count($list->students) : 0;

        return new self(
            $brief->id,
            $text($document->title ?? null),
            is_string($document->day ?? null) ? $document->day : null,
            $text($document->room ?? null),
            array_sum(array_map($students, is_array($document->lists ?? null) ? $document->lists : [])),
            $brief->saved_at->utc()->format(Capture::AT_FORMAT),
            $brief->set_at?->utc()->format(Capture::AT_FORMAT),
        );
    }
}
