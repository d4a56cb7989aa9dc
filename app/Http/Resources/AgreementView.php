<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\Agreement;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Agreement\AssessorPair;
use DeftBlade\Core\Agreement\LevelPairs;
use DeftBlade\Core\Agreement\Severity;
use OpenApi\Attributes as OA;

/** How far assessors lie apart, over the trays of some days that were marked twice. */
#[OA\Schema]
final readonly class AgreementView
{
    /**
     * @param list<CriterionAgreementView> $criteria
     * @param list<AssessorPairView>       $pairs
     * @param list<SeverityView>           $severities
     */
    private function __construct(
        #[OA\Property(format: 'date')]
        public string $from,
        #[OA\Property(format: 'date')]
        public string $to,
        #[OA\Property(description: 'That were marked twice.')]
        public int $trays,
        #[OA\Property(type: 'array', description: 'Those furthest apart first.', items: new OA\Items(ref: CriterionAgreementView::class))]
        public array $criteria,
        #[OA\Property(type: 'array', items: new OA\Items(ref: AssessorPairView::class))]
        public array $pairs,
        #[OA\Property(type: 'array', items: new OA\Items(ref: SeverityView::class))]
        public array $severities,
        #[OA\Property(ref: TotalsAgreementView::class, nullable: true, description: 'Null on fewer than two trays that both judged in every criterion.')]
        public ?TotalsAgreementView $totals,
    ) {}

    public static function of(CarbonImmutable $from, CarbonImmutable $to, Agreement $agreement): self
    {
        $totals = $agreement->apart->ratedTotals();

        return new self(
            $from->toDateString(),
            $to->toDateString(),
            $agreement->marked,
            array_map(static fn(LevelPairs $it): CriterionAgreementView => CriterionAgreementView::of($it, $agreement->criteria[$it->id]), $agreement->byCriterion()),
            array_map(static fn(AssessorPair $it): AssessorPairView => AssessorPairView::of($it, $agreement->names), $agreement->apart->pairs()),
            array_map(static fn(Severity $it): SeverityView => SeverityView::of($it, $agreement->names), $agreement->apart->severities()),
            $totals === null ? null : TotalsAgreementView::of($totals, $agreement),
        );
    }
}
