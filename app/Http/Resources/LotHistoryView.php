<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** A lot with everything that was taken down about it and the lots it was divided from or into. */
#[OA\Schema]
final readonly class LotHistoryView
{
    /**
     * @param list<LotEntryView> $entries  in order of acceptance
     * @param list<int>          $stations
     */
    public function __construct(
        #[OA\Property]
        public LotView $lot,
        #[OA\Property(type: 'array', items: new OA\Items(ref: LotEntryView::class))]
        public array $entries,
        #[OA\Property(description: 'At which its carcasses were cut.', type: 'array', items: new OA\Items(type: 'integer'))]
        public array $stations,
        #[OA\Property(description: 'How those carcasses were delivered; null where nobody wrote it down, or a pot made it.')]
        public ?DeliveryView $delivery,
    ) {}
}
