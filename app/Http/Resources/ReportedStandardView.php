<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\ReportedStandard;
use OpenApi\Attributes as OA;

/** What the trays by one standard came to over some days. */
#[OA\Schema]
final readonly class ReportedStandardView
{
    private function __construct(
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public int $classes,
        #[OA\Property(description: 'Marked to the end.')]
        public int $trays,
        #[OA\Property(description: 'Not in the lowest band.')]
        public int $passed,
        #[OA\Property(nullable: true)]
        public ?float $total,
        #[OA\Property(nullable: true)]
        public ?float $yield,
        #[OA\Property(description: 'Of the trays weighed to the end.')]
        public int $delivered_mg,
        #[OA\Property]
        public int $waste_mg,
    ) {}

    public static function of(ReportedStandard $it): self
    {
        return new self($it->title, $it->classes, $it->trays, $it->passed, $it->total, $it->yield, $it->deliveredMg, $it->wasteMg);
    }
}
