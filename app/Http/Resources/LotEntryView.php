<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\LotEntry;
use OpenApi\Attributes as OA;

/** A fact about a lot, and whether it holds. */
#[OA\Schema]
final readonly class LotEntryView
{
    private function __construct(
        #[OA\Property]
        public int $seq,
        #[OA\Property(ref: '#/components/schemas/LotFact')]
        public \stdClass $fact,
        #[OA\Property]
        public string $by,
        #[OA\Property(description: 'It was taken back.')]
        public bool $is_withdrawn,
    ) {}

    /** @param LotEntry $entry with its user */
    public static function of(LotEntry $entry, bool $isWithdrawn): self
    {
        return new self($entry->seq, $entry->document(), $entry->user->name, $isWithdrawn);
    }
}
