<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Json\Node;
use OpenApi\Attributes as OA;

/** A fin at the edge of a band. */
#[OA\Schema]
final readonly class PlanFinView
{
    private function __construct(
        #[OA\Property(description: 'Counted from 0, from the head.')]
        public int $band,
        #[OA\Property(description: 'Where its base begins, in shares of the band from its upper edge.')]
        public float $from,
        #[OA\Property(description: 'Where its base ends.')]
        public float $to,
        #[OA\Property(description: 'How far it stands off, in hundredths of the plan.')]
        public float $stands,
    ) {}

    public static function of(Node $fin): self
    {
        return new self($fin->at('band')->integer(0, 100), $fin->at('from')->number(0, 1), $fin->at('to')->number(0, 1), $fin->at('stands')->positive(20));
    }
}
