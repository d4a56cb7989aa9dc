<?php

declare(strict_types=1);

namespace DeftBlade\Core\Carcass;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Weighing\Mass;

/** What a carcass of its kind weighs as purchased: usually, and between what most lie. */
final readonly class TypicalMass
{
    private function __construct(public Mass $low, public Mass $usual, public Mass $high) {}

    public static function read(Node $node): self
    {
        $node->keys(['low', 'usual', 'high']);
        $mass = static fn(string $key): Mass => Mass::ofMilligrams($node->at($key)->integer(1, Mass::MOST_MG));

        return new self($mass('low'), $mass('usual'), $mass('high'));
    }

    /** Where nothing is known of a kind. */
    public static function unknown(): self
    {
        return new self(Mass::ofMilligrams(1_700_000), Mass::ofMilligrams(2_000_000), Mass::ofMilligrams(2_300_000));
    }

    /** Low to high taken as the middle 95 %, four standard deviations wide. */
    public function sdMg(): float
    {
        return ($this->high->mg - $this->low->mg) / 4;
    }
}
