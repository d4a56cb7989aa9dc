<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Lots\CutCost;
use OpenApi\Attributes as OA;

/** What one cut came to. */
#[OA\Schema]
final readonly class CutCostView
{
    private function __construct(
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public int $mass_mg,
        #[OA\Property(description: 'Null where a cut beside it has no price.')]
        public ?int $cost_minor,
        #[OA\Property]
        public ?int $per_kg_minor,
    ) {}

    public static function of(string $title, CutCost $cut): self
    {
        return new self($title, $cut->massMg, $cut->minor, $cut->perKgMinor());
    }
}
