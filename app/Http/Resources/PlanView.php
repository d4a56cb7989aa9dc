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
     * @param list<PlanFinView>  $fins
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
        #[OA\Property(description: 'How much further toward the tail a point lies for each unit that it is away from the midline.')]
        public float $slant,
        #[OA\Property(type: 'array', items: new OA\Items(ref: PlanFinView::class), description: 'Drawn as lines on both sides: they have no mass of their own there.')]
        public array $fins,
    ) {}

    public static function of(Node $plan): self
    {
        return new self(
            $plan->at('key')->text(),
            $plan->at('from')->positive(100),
            $plan->at('to')->positive(100),
            array_map(PlanBandView::of(...), $plan->at('bands')->items()),
            array_map(static fn(Node $part): string => $part->text(), $plan->at('apart')->items()),
            $plan->has('slant') ? $plan->at('slant')->positive(1) : 0.0,
            $plan->has('fins') ? array_map(PlanFinView::of(...), $plan->at('fins')->items()) : [],
        );
    }
}
