<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\AuditEntry;
use DeftBlade\Core\Sentence\Sentences;
use OpenApi\Attributes as OA;

/** That somebody changed something of the school. */
#[OA\Schema]
final readonly class ChangeView
{
    private function __construct(
        #[OA\Property]
        public int $seq,
        #[OA\Property(format: 'date-time')]
        public string $at,
        #[OA\Property]
        public string $by,
        #[OA\Property]
        public string $code,
        #[OA\Property]
        public string $text,
    ) {}

    /** @param AuditEntry $entry with its author */
    public static function of(AuditEntry $entry, Sentences $sentences): self
    {
        return new self($entry->seq, $entry->at->toRfc3339String(), $entry->user->name, $entry->code->value, $sentences->say($entry->message()));
    }
}
