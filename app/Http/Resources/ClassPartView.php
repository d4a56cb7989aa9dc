<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\ClassPart;
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
        #[OA\Property(nullable: true, description: 'What they lost most at.')]
        public ?string $most,
        #[OA\Property(nullable: true, description: 'Points of the total it cost a tray of them, the mean.')]
        public ?float $lost,
    ) {}

    public static function of(ClassPart $it): self
    {
        return new self($it->difference->factor, DifferenceView::of($it->difference), $it->most?->title, $it->most === null ? null : round($it->most->points, 2));
    }
}
