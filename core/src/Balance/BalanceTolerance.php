<?php

declare(strict_types=1);

namespace DeftBlade\Core\Balance;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Weighing\Mass;

/** How much of a carcass may go unaccounted for: an absolute mass or a share of it, whichever is more. */
final readonly class BalanceTolerance
{
    private function __construct(private int $absoluteMg, private float $relative) {}

    public static function read(Node $node): self
    {
        $node->keys(['absolute_mg', 'relative']);

        return new self($node->at('absolute_mg')->integer(0, Mass::MOST_MG), $node->at('relative')->number(0, 1));
    }

    public function forCarcass(Mass $asPurchased): Mass
    {
        return Mass::ofMilligrams(max($this->absoluteMg, (int) round($this->relative * $asPurchased->mg)));
    }
}
