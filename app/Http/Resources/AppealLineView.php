<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\AppealEntry;
use App\Models\AppealOutcome;
use OpenApi\Attributes as OA;

/** One line of a result that a student appeals against, and what became of it. */
#[OA\Schema]
final readonly class AppealLineView
{
    private function __construct(
        #[OA\Property(description: 'As the result says it.')]
        public string $text,
        #[OA\Property(description: 'Points of the total it cost.')]
        public float $lost,
        #[OA\Property(description: 'Why the student does not think it right.')]
        public string $why,
        #[OA\Property(type: 'string', enum: AppealOutcome::class, nullable: true, description: 'Null until it is decided.')]
        public ?AppealOutcome $outcome,
        #[OA\Property(description: 'Why it was decided so.')]
        public string $reason,
        #[OA\Property]
        public string $decided_by,
    ) {}

    /** @param array{reason: int, text: string, lost: float|int, why: string} $line */
    public static function of(array $line, ?AppealEntry $decision): self
    {
        $said = static fn(string $key): string => is_string($it = $decision?->payload->{$key} ?? null) ? $it : '';

        return new self($line['text'], (float) $line['lost'], $line['why'], AppealOutcome::tryFrom($said('outcome')), $said('reason'), $decision?->author->name ?? '');
    }
}
