<?php

declare(strict_types=1);

namespace DeftBlade\Core\Carcass;

use DeftBlade\Core\Json\Node;

/** Which plan a carcass of a school's own is drawn by: the one that knows most of it. */
final readonly class PlanChoice
{
    private const HALF = 0.5;

    /** @param list<\stdClass> $plans */
    public function __construct(private array $plans) {}

    /** Null where no plan knows half of the carcass. */
    public function for(Carcass $carcass): ?\stdClass
    {
        $best = null;
        $most = self::HALF;
        foreach ($this->plans as $plan) {
            $known = $carcass->shareOf(self::partsOf(Node::of($plan, 'plan')));
            if ($known > $most) {
                [$best, $most] = [$plan, $known];
            }
        }

        return $best;
    }

    /** @return list<string> the parts a plan has a place for, without their side */
    private static function partsOf(Node $plan): array
    {
        $columns = array_merge(...array_map(static fn(Node $band): array => $band->at('columns')->items(), $plan->at('bands')->items()));
        $parts = array_merge($plan->at('apart')->items(), ...array_map(static fn(Node $column): array => $column->items(), $columns));

        return array_map(static fn(Node $part): string => $part->text(), $parts);
    }
}
