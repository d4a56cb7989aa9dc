<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\ReportedStandard;
use App\Actions\SchoolReport;
use App\School\School;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Agreement\LevelPairs;
use OpenApi\Attributes as OA;

/** What a school did over some days. Nobody is named. */
#[OA\Schema]
final readonly class SchoolReportView
{
    /**
     * @param list<ReportedStandardView> $standards
     * @param list<CountView>            $bands
     * @param list<CountView>            $incidents
     */
    private function __construct(
        #[OA\Property]
        public string $school,
        #[OA\Property(format: 'date')]
        public string $from,
        #[OA\Property(format: 'date')]
        public string $to,
        #[OA\Property(description: 'ISO 4217', pattern: '^[A-Z]{3}$')]
        public string $currency,
        #[OA\Property(description: 'With a tray marked to the end.')]
        public int $students,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ReportedStandardView::class))]
        public array $standards,
        #[OA\Property(type: 'array', items: new OA\Items(ref: CountView::class), description: 'Trays by band, the highest first.')]
        public array $bands,
        #[OA\Property(description: 'Of the practicals whose delivery is written down.')]
        public CostSumView $cost,
        #[OA\Property(description: 'Practicals without one.')]
        public int $unpriced,
        #[OA\Property(description: 'Trays marked twice.')]
        public int $twice,
        #[OA\Property(nullable: true, description: 'Share of the steps that both looks gave alike.')]
        public ?float $alike,
        #[OA\Property(nullable: true, description: 'ICC(2,1) of their totals.')]
        public ?float $icc,
        #[OA\Property(type: 'array', items: new OA\Items(ref: CountView::class), description: 'By kind.')]
        public array $incidents,
        #[OA\Property(description: 'Carcasses that came in above 5 °C.')]
        public int $warm,
        #[OA\Property(description: 'Trays that were out of the refrigerator longer than their kind may be.')]
        public int $out_long,
        #[OA\Property(description: 'Carcasses sent back.')]
        public int $refused,
        #[OA\Property(description: 'Facts taken back with a reason.')]
        public int $withdrawn,
        #[OA\Property(description: 'Results issued again.')]
        public int $reissued,
        #[OA\Property]
        public int $appealed,
        #[OA\Property(description: 'Appeals upheld, in part or whole.')]
        public int $upheld,
    ) {}

    public static function of(CarbonImmutable $from, CarbonImmutable $to, SchoolReport $report, School $school): self
    {
        $pairs = array_merge([], ...array_map(static fn(LevelPairs $it): array => $it->pairs, $report->agreement->byCriterion()));

        return new self(
            $school->settings->name,
            $from->toDateString(),
            $to->toDateString(),
            $school->currency()->code,
            $report->students,
            array_map(static fn(ReportedStandard $it): ReportedStandardView => ReportedStandardView::of($it), $report->standards),
            CountView::allOf($report->bands),
            CostSumView::of($report->cost),
            $report->unpriced,
            $report->agreement->marked,
            $pairs === [] ? null : count(array_filter($pairs, static fn(array $it): bool => $it[0] === $it[1])) / count($pairs),
            $report->agreement->apart->ratedTotals()?->icc(),
            CountView::allOf($report->incidents),
            $report->warm,
            $report->outLong,
            $report->refused,
            $report->withdrawn,
            $report->reissued,
            $report->appealed,
            $report->upheld,
        );
    }
}
