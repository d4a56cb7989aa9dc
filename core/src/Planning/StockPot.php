<?php

declare(strict_types=1);

namespace DeftBlade\Core\Planning;

use DeftBlade\Core\Json\Node;

/** A pot to make stock in. */
final readonly class StockPot
{
    public const MOST_ML = 1_000_000;

    public function __construct(public string $id, public int $capacityMl) {}

    public static function read(Node $node): self
    {
        $node->keys(['id', 'capacity_ml']);

        return new self($node->at('id')->identifier(), $node->at('capacity_ml')->integer(1, self::MOST_ML));
    }
}
