<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Lots\FlowStage;
use OpenApi\Attributes as OA;

/** A product of a class: what there is of it, what it is worth elsewhere, and what it cost here. */
#[OA\Schema]
final readonly class CostLineView
{
    /** @param list<string> $places */
    public function __construct(
        #[OA\Property]
        public string $product,
        #[OA\Property(description: 'Pieces or the bin it comes from.', type: 'array', items: new OA\Items(type: 'string'))]
        public array $places,
        #[OA\Property]
        public string $title,
        #[OA\Property(type: 'string', enum: FlowStage::class, nullable: true)]
        public ?FlowStage $stage,
        #[OA\Property]
        public int $mass_mg,
        #[OA\Property(description: 'Market price of a cut, value of a by-product; null where none is known.')]
        public ?int $per_kg_minor,
        #[OA\Property]
        public ?string $source,
        #[OA\Property(format: 'date')]
        public ?string $found_on,
        #[OA\Property(description: 'Its share of the net cost; null where a cut has no price.')]
        public ?int $cost_minor,
        #[OA\Property]
        public ?int $cost_per_kg_minor,
    ) {}
}
