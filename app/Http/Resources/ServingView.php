<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** So many guests, from what is on hand. */
#[OA\Schema]
final readonly class ServingView
{
    /** @param list<LotShareView> $lots */
    public function __construct(
        #[OA\Property(description: 'Pieces on a plate; 0 where nothing is counted in pieces.')]
        public int $per_plate,
        #[OA\Property(description: 'What a guest gets.')]
        public int $plate_mg,
        #[OA\Property(description: 'How many guests there is enough for.')]
        public int $covers,
        #[OA\Property(description: 'What to take for the guests asked for: what must go first, first.', type: 'array', items: new OA\Items(ref: LotShareView::class))]
        public array $lots,
        #[OA\Property]
        public int $short_mg,
        #[OA\Property(description: 'What is left when they are served.')]
        public int $over_mg,
        #[OA\Property(description: 'Of a breast to be halved: how far from its thick end to cut, of its length; null of anything else.')]
        public ?float $halve_at,
    ) {}
}
