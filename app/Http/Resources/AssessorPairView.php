<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Agreement\AssessorPair;
use OpenApi\Attributes as OA;

/** Two assessors who marked the same trays. Differences are the other's less the one's. */
#[OA\Schema]
final readonly class AssessorPairView
{
    private function __construct(
        #[OA\Property]
        public string $one,
        #[OA\Property]
        public string $other,
        #[OA\Property(description: 'Levels that both gave.')]
        public int $levels,
        #[OA\Property]
        public ?float $exact,
        #[OA\Property(description: 'In levels.')]
        public ?float $mean_difference,
        #[OA\Property]
        public ?float $kappa,
        #[OA\Property(description: 'Trays that both judged in every criterion.')]
        public int $trays,
        #[OA\Property(description: 'Mean difference of the totals, in points; null on fewer than two trays.')]
        public ?float $bias,
        #[OA\Property(description: 'Limits of agreement (Bland and Altman 1986).')]
        public ?float $lower,
        #[OA\Property]
        public ?float $upper,
    ) {}

    /** @param array<string, string> $names by id */
    public static function of(AssessorPair $pair, array $names): self
    {
        $limits = $pair->limits();

        return new self($names[$pair->one] ?? '', $names[$pair->other] ?? '', count($pair->levels->pairs), $pair->levels->exact(), $pair->levels->meanDifference(), $pair->levels->kappa(), count($pair->totals), $limits?->bias, $limits?->lower(), $limits?->upper());
    }
}
