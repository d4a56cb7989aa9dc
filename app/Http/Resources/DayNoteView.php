<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\DayNote;
use OpenApi\Attributes as OA;

/** What happened at the school on a day. */
#[OA\Schema]
final readonly class DayNoteView
{
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(format: 'date')]
        public string $on,
        #[OA\Property]
        public string $text,
        #[OA\Property]
        public string $by,
    ) {}

    /** @param DayNote $it with its author */
    public static function of(DayNote $it): self
    {
        return new self($it->id, $it->on->toDateString(), $it->text, $it->author->name);
    }
}
