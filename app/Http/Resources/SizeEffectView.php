<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Trends\SizeEffect;
use OpenApi\Attributes as OA;

/** How the total, or the share of one piece, goes with the weight of the carcass. */
#[OA\Schema]
final readonly class SizeEffectView
{
    private function __construct(
        #[OA\Property(nullable: true, description: 'The piece; null of the total.')]
        public ?string $title,
        #[OA\Property]
        public int $trays,
        #[OA\Property(ref: IntervalView::class, nullable: true, description: 'For each kg more: points, or share of AP; null where too few say it.')]
        public ?IntervalView $per_kg,
        #[OA\Property]
        public bool $stands_out,
    ) {}

    public static function of(SizeEffect $it, ?string $title): self
    {
        return new self($title, $it->trays, IntervalView::of($it->perKg), $it->standsOut());
    }
}
