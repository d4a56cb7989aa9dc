<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\CostedClass;
use OpenApi\Attributes as OA;

/** What the practical before it cost that was held against the same standard. */
#[OA\Schema]
final readonly class EarlierCostView
{
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $assessment,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $group,
        #[OA\Property(format: 'date')]
        public string $held_on,
        #[OA\Property]
        public YieldTestView $test,
    ) {}

    public static function of(?CostedClass $class): ?self
    {
        return $class?->cost === null ? null : new self($class->assessment->id, $class->assessment->title, $class->assessment->group->fullName(), $class->assessment->held_on->toDateString(), YieldTestView::of($class->cost->test));
    }
}
