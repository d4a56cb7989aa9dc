<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** What the practicals of some days cost, and where their carcasses went week by week. */
#[OA\Schema]
final readonly class TermView
{
    /**
     * @param list<TermDatesView> $terms
     * @param list<TermClassView> $classes
     * @param list<NamedCostView> $standards
     * @param list<NamedCostView> $courses
     * @param list<NamedCostView> $students
     * @param list<TermWeekView>  $weeks
     */
    public function __construct(
        #[OA\Property(format: 'date')]
        public string $from,
        #[OA\Property(format: 'date')]
        public string $to,
        #[OA\Property(description: 'ISO 4217', pattern: '^[A-Z]{3}$')]
        public string $currency,
        #[OA\Property(description: 'Terms that groups name, the latest first.', type: 'array', items: new OA\Items(ref: TermDatesView::class))]
        public array $terms,
        #[OA\Property(description: 'Of the practicals whose delivery is written down.')]
        public CostSumView $total,
        #[OA\Property(description: 'The earliest first.', type: 'array', items: new OA\Items(ref: TermClassView::class))]
        public array $classes,
        #[OA\Property(type: 'array', items: new OA\Items(ref: NamedCostView::class))]
        public array $standards,
        #[OA\Property(type: 'array', items: new OA\Items(ref: NamedCostView::class))]
        public array $courses,
        #[OA\Property(type: 'array', items: new OA\Items(ref: NamedCostView::class))]
        public array $students,
        #[OA\Property(description: 'Those in which carcasses came, the earliest first.', type: 'array', items: new OA\Items(ref: TermWeekView::class))]
        public array $weeks,
        #[OA\Property(description: 'All weeks together.')]
        public TermWeekView $whole,
    ) {}
}
