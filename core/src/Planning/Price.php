<?php

declare(strict_types=1);

namespace DeftBlade\Core\Planning;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Money\Minor;

/** What a carcass costs: by the kilogram or each, in minor units. */
final readonly class Price
{
    private const MG_A_KG = 1_000_000;

    public function __construct(public PricedBy $per, public int $minor) {}

    /** Nothing, until it is known. */
    public static function unknown(): self
    {
        return new self(PricedBy::Each, 0);
    }

    public static function read(Node $node): self
    {
        $node->keys(['per', 'minor']);

        return new self($node->at('per')->oneOf(PricedBy::class), $node->at('minor')->integer(0, Minor::MOST));
    }

    /** @return float minor units, unrounded */
    public function of(int $count, int $massMg): float
    {
        return $this->per === PricedBy::Each ? (float) $count * $this->minor : $massMg * $this->minor / self::MG_A_KG;
    }
}
