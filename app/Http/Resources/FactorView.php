<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Trends\Difference;
use DeftBlade\Core\Trends\Factor;
use DeftBlade\Core\Trends\Fairness;
use OpenApi\Attributes as OA;

/** One thing that a total should not go with. */
#[OA\Schema]
final readonly class FactorView
{
    /** @param list<DifferenceView> $values */
    private function __construct(
        #[OA\Property(type: 'string', enum: Factor::class)]
        public Factor $factor,
        #[OA\Property(type: 'array', items: new OA\Items(ref: DifferenceView::class), description: 'None where all trays have the same, or none is known.')]
        public array $values,
    ) {}

    public static function of(Factor $factor, Fairness $fairness): self
    {
        return new self($factor, array_map(static fn(Difference $it): DifferenceView => DifferenceView::of($it), $fairness->differences($factor)));
    }
}
