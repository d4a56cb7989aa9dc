<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\CostedClass;
use App\Actions\TermCosts;
use OpenApi\Attributes as OA;

/** A practical of a term, and what it cost. */
#[OA\Schema]
final readonly class TermClassView
{
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $assessment,
        #[OA\Property]
        public string $title,
        #[OA\Property(format: 'date')]
        public string $held_on,
        #[OA\Property]
        public string $group,
        #[OA\Property(description: 'Null where nobody wrote its delivery down.')]
        public ?CostSumView $sum,
    ) {}

    public static function of(CostedClass $class): self
    {
        return new self(
            $class->assessment->id,
            $class->assessment->title,
            $class->assessment->held_on->toDateString(),
            $class->assessment->group->fullName(),
            $class->cost === null ? null : CostSumView::of(TermCosts::sumOf($class)),
        );
    }
}
