<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Json\Node;
use OpenApi\Attributes as OA;

/** How a carcass is laid out on a cut map: bands from head to tail, and the parts that have no place in the body. */
#[OA\Schema]
final readonly class PlanView
{
    /**
     * @param list<PlanBandView> $bands
     * @param list<string>       $apart
     */
    private function __construct(
        #[OA\Property(description: 'What it is a plan of: bird, round-fish, leg.')]
        public string $key,
        #[OA\Property(description: 'Width at the head end, in hundredths.')]
        public float $from,
        #[OA\Property(description: 'Width at the tail end.')]
        public float $to,
        #[OA\Property(type: 'array', items: new OA\Items(ref: PlanBandView::class))]
        public array $bands,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $apart,
    ) {}

    public static function of(Node $plan): self
    {
        return new self(
            $plan->at('key')->text(),
            $plan->at('from')->positive(100),
            $plan->at('to')->positive(100),
            array_map(PlanBandView::of(...), $plan->at('bands')->items()),
            array_map(static fn(Node $part): string => $part->text(), $plan->at('apart')->items()),
        );
    }
}
