<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Delivery;
use OpenApi\Attributes as OA;

/** The carcasses of a practical as they were delivered. */
#[OA\Schema]
final readonly class DeliveryView
{
    private function __construct(
        #[OA\Property]
        public string $supplier,
        #[OA\Property]
        public string $invoice,
        #[OA\Property]
        public int $pieces,
        #[OA\Property]
        public int $mass_mg,
        #[OA\Property]
        public int $cost_minor,
    ) {}

    public static function of(?Delivery $delivery): ?self
    {
        return $delivery === null ? null : new self($delivery->supplier, $delivery->invoice, $delivery->pieces, $delivery->mass_mg, $delivery->cost_minor);
    }
}
