<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\Agreement;
use DeftBlade\Core\Agreement\RatedTotals;
use DeftBlade\Core\Agreement\TotalTwice;
use OpenApi\Attributes as OA;

/** How alike the totals of the first and the second look are. */
#[OA\Schema]
final readonly class TotalsAgreementView
{
    private const CONFIDENCE = 0.95;

    /** @param list<TotalPointView> $points */
    private function __construct(
        #[OA\Property(description: 'ICC(2,1) of Shrout and Fleiss 1979; null where no total differs from another.')]
        public ?float $icc,
        #[OA\Property(description: 'Its 95 % interval (McGraw and Wong 1996).')]
        public ?float $low,
        #[OA\Property]
        public ?float $high,
        #[OA\Property(description: 'Mean difference, the second less the first.')]
        public ?float $bias,
        #[OA\Property(description: 'Limits of agreement (Bland and Altman 1986).')]
        public ?float $lower,
        #[OA\Property]
        public ?float $upper,
        #[OA\Property(type: 'array', items: new OA\Items(ref: TotalPointView::class))]
        public array $points,
    ) {}

    public static function of(RatedTotals $totals, Agreement $agreement): self
    {
        [$low, $high] = $totals->interval(self::CONFIDENCE) ?? [null, null];
        $limits = $totals->limits();

        return new self($totals->icc(), $low, $high, $limits?->bias, $limits?->lower(), $limits?->upper(), array_map(static fn(TotalTwice $it): TotalPointView => TotalPointView::of($it, $agreement), $agreement->apart->totals));
    }
}
