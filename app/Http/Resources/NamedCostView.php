<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** What something cost over a term: a standard, a course, or a student. */
#[OA\Schema]
final readonly class NamedCostView
{
    public function __construct(
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public CostSumView $sum,
    ) {}
}
