<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Assessment;
use OpenApi\Attributes as OA;

/** The totals of an earlier class. */
#[OA\Schema]
final readonly class EarlierTotalsView
{
    /** @param list<float> $totals */
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $assessment,
        #[OA\Property(format: 'date')]
        public string $held_on,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'), description: 'The lowest first.')]
        public array $totals,
    ) {}

    /** @param list<float> $totals */
    public static function of(Assessment $assessment, array $totals): self
    {
        return new self($assessment->id, $assessment->held_on->toDateString(), $totals);
    }
}
