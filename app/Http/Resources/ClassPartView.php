<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Trends\Difference;
use DeftBlade\Core\Trends\Factor;
use OpenApi\Attributes as OA;

/** Some trays of a class that have one thing in common, beside the others. */
#[OA\Schema]
final readonly class ClassPartView
{
    private function __construct(
        #[OA\Property(type: 'string', enum: Factor::class)]
        public Factor $factor,
        #[OA\Property]
        public DifferenceView $difference,
    ) {}

    public static function of(Difference $it): self
    {
        return new self($it->factor, DifferenceView::of($it));
    }
}
