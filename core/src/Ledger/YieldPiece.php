<?php

declare(strict_types=1);

namespace DeftBlade\Core\Ledger;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Money\Minor;
use DeftBlade\Core\Weighing\Mass;

/** A cut of a yield test, and what it costs where it is bought as a cut. */
final readonly class YieldPiece
{
    /** @param int|null $marketPerKg in minor units; null where nobody sells it */
    private function __construct(public string $id, public int $massMg, public ?int $marketPerKg) {}

    public static function read(Node $node): self
    {
        $node->keys(['id', 'mass_mg', 'market_per_kg_minor']);

        return new self(
            $node->at('id')->identifier(),
            $node->at('mass_mg')->integer(0, Mass::MOST_MG),
            $node->at('market_per_kg_minor')->isNull() ? null : $node->at('market_per_kg_minor')->integer(0, Minor::MOST),
        );
    }
}
