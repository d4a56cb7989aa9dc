<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** A page of briefs. */
#[OA\Schema]
final readonly class BriefsView
{
    /** @param list<BriefItemView> $briefs */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: BriefItemView::class))]
        public array $briefs,
        #[OA\Property(description: 'The number of the page after this one; null where this is the last.')]
        public ?int $next,
    ) {}
}
