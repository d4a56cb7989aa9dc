<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Lots\CostSum;
use OpenApi\Attributes as OA;

/** What carcasses came to in money: of one tray, one class, or many. */
#[OA\Schema]
final readonly class CostSumView
{
    private function __construct(
        #[OA\Property]
        public int $trays,
        #[OA\Property]
        public int $ap_mg,
        #[OA\Property]
        public int $ep_mg,
        #[OA\Property(description: 'EP over AP.')]
        public ?float $yield,
        #[OA\Property]
        public int $seconds,
        #[OA\Property]
        public int $ap_minor,
        #[OA\Property]
        public int $by_product_minor,
        #[OA\Property(description: 'As purchased, less the by-products.')]
        public int $net_minor,
        #[OA\Property]
        public ?int $per_kg_minor,
        #[OA\Property]
        public ?float $cost_factor,
        #[OA\Property(description: 'The carcass of one tray.')]
        public ?int $per_tray_minor,
        #[OA\Property]
        public ?int $labour_minor,
        #[OA\Property(description: 'The cuts bought as cuts; null where one of them has no price.')]
        public ?int $parts_minor,
        #[OA\Property]
        public ?int $saving_minor,
    ) {}

    public static function of(CostSum $sum): self
    {
        return new self(
            $sum->trays,
            $sum->apMg,
            $sum->epMg,
            $sum->yield(),
            $sum->seconds,
            $sum->apMinor,
            $sum->byProductMinor(),
            $sum->netMinor,
            $sum->perKgMinor(),
            $sum->costFactor(),
            $sum->perTrayMinor(),
            $sum->labourMinor,
            $sum->partsMinor,
            $sum->savingMinor(),
        );
    }
}
