<?php

declare(strict_types=1);

namespace DeftBlade\Core\Ledger;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Money\Minor;
use DeftBlade\Core\Weighing\Mass;

/** A mass of what is not a cut, and what a kilogram of it is worth here. */
final readonly class ByProductValue
{
    private const MG_PER_KG = 1_000_000;

    /** @param int $perKg in minor units */
    public function __construct(public int $massMg, public int $perKg) {}

    public static function read(Node $node): self
    {
        return new self($node->at('mass_mg')->integer(0, Mass::MOST_MG), $node->at('value_per_kg_minor')->integer(0, Minor::MOST));
    }

    /** @return float minor units, unrounded */
    public function value(): float
    {
        return $this->massMg / self::MG_PER_KG * $this->perKg;
    }
}
