<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** What a class cost, and what its cuts are worth. */
#[OA\Schema]
final readonly class CostView
{
    /** @param list<CostLineView> $lines */
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $assessment,
        #[OA\Property(format: 'uuid', description: 'The published standard it is held against.')]
        public string $standard,
        #[OA\Property]
        public string $title,
        #[OA\Property(format: 'date')]
        public string $held_on,
        #[OA\Property]
        public string $species,
        #[OA\Property(description: 'ISO 4217', pattern: '^[A-Z]{3}$')]
        public string $currency,
        #[OA\Property(description: 'Trays that are weighed to the end.')]
        public int $trays,
        #[OA\Property(description: 'Of their carcasses.')]
        public int $ap_mg,
        #[OA\Property(description: 'That their students worked.')]
        public int $seconds,
        #[OA\Property]
        public ?DeliveryView $delivery,
        #[OA\Property(description: 'What the brief reckoned the carcasses would cost, spares included; null where it had no price, or there was no brief.')]
        public ?int $planned_minor,
        #[OA\Property(description: 'Of an hour, in minor units.')]
        public ?int $wage_minor,
        #[OA\Property(type: 'array', items: new OA\Items(ref: CostLineView::class))]
        public array $lines,
        #[OA\Property(description: 'Null while no tray is weighed to the end, or nobody wrote the delivery down.')]
        public ?YieldTestView $test,
        #[OA\Property(description: 'What the standard expects of the same carcasses at the same prices.')]
        public ?YieldTestView $expected,
        #[OA\Property]
        public ?EarlierCostView $last,
    ) {}
}
