<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** Where the carcasses of some days went. */
#[OA\Schema]
final readonly class WeekView
{
    /**
     * @param list<FlowPlaceView> $places
     * @param list<FlowBandView>  $bands
     */
    public function __construct(
        #[OA\Property(format: 'date')]
        public string $from,
        #[OA\Property(format: 'date')]
        public string $to,
        #[OA\Property(format: 'date', description: 'Today at the school.')]
        public string $date,
        #[OA\Property]
        public int $delivered_mg,
        #[OA\Property(description: 'At table: service, other classes, staff.')]
        public int $eaten_mg,
        #[OA\Property(description: 'Made into stock, fat, mince.')]
        public int $cooked_mg,
        #[OA\Property(description: 'In the bin, as drip, or not accounted for.')]
        public int $lost_mg,
        #[OA\Property(description: 'On hand, on the tables, or still to be weighed.')]
        public int $here_mg,
        #[OA\Property(description: 'ISO 4217', pattern: '^[A-Z]{3}$')]
        public string $currency,
        #[OA\Property]
        public FlowMoneyView $money,
        #[OA\Property(type: 'array', items: new OA\Items(ref: FlowPlaceView::class))]
        public array $places,
        #[OA\Property(type: 'array', items: new OA\Items(ref: FlowBandView::class))]
        public array $bands,
    ) {}
}
