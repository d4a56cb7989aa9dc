<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** What is on hand, by the day it must be gone; what is frozen comes last. */
#[OA\Schema]
final readonly class OnHandView
{
    /** @param list<LotView> $lots */
    public function __construct(
        #[OA\Property(format: 'date', description: 'Today at the school.')]
        public string $date,
        #[OA\Property(type: 'array', items: new OA\Items(ref: LotView::class))]
        public array $lots,
        #[OA\Property(description: 'There is more than these.')]
        public bool $has_more,
        #[OA\Property(description: 'All of it.')]
        public int $on_hand_mg,
        #[OA\Property(description: 'Where the cursor of the ledger goes on from.')]
        public int $next,
    ) {}
}
