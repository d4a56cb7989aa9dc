<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** What waits for a pot, the pots of the last days, and the containers that cool. */
#[OA\Schema]
final readonly class PotsView
{
    /**
     * @param list<ForPotView> $waiting
     * @param list<PotView>    $pots
     */
    public function __construct(
        #[OA\Property(format: 'date', description: 'Today at the school.')]
        public string $date,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ForPotView::class))]
        public array $waiting,
        #[OA\Property(description: 'The last put on first.', type: 'array', items: new OA\Items(ref: PotView::class))]
        public array $pots,
        #[OA\Property(description: 'A simulated probe lies beside the containers.')]
        public bool $has_probe,
    ) {}
}
