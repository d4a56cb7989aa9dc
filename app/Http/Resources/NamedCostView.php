<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\SummedCost;
use DeftBlade\Core\Lots\CutCost;
use DeftBlade\Core\Vocabulary\Vocabulary;
use OpenApi\Attributes as OA;

/** What something cost over a term: a standard, a course, or a student. */
#[OA\Schema]
final readonly class NamedCostView
{
    /** @param list<CutCostView> $cuts */
    private function __construct(
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public CostSumView $sum,
        #[OA\Property(type: 'array', items: new OA\Items(ref: CutCostView::class))]
        public array $cuts,
    ) {}

    public static function of(string $title, SummedCost $cost, Vocabulary $words): self
    {
        return new self($title, CostSumView::of($cost->sum), array_map(static fn(string $cut, CutCost $it): CutCostView => CutCostView::of($words->say($cut), $it), array_keys($cost->cuts), $cost->cuts));
    }
}
