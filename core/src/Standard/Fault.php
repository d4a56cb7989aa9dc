<?php

declare(strict_types=1);

namespace DeftBlade\Core\Standard;

use DeftBlade\Core\Json\Node;

/** A one-tap mark: each takes points off its component, up to a most. */
final readonly class Fault
{
    private function __construct(
        public string $id,
        public string $title,
        public string $component,
        public float $deduct,
        public float $max,
        public bool $critical,
    ) {}

    public static function read(Node $node): self
    {
        $node->keys(['id', 'component', 'deduct', 'max'], ['title', 'critical']);
        $id = $node->at('id')->identifier();

        return new self(
            $id,
            $node->textOf('title', $id),
            $node->at('component')->identifier(),
            $node->at('deduct')->number(0, 100),
            $node->at('max')->number(0, 100),
            $node->has('critical') && $node->at('critical')->boolean(),
        );
    }

    /** Points of the component that this many marks take off. */
    public function deductionFor(int $count): float
    {
        return min($this->deduct * $count, $this->max);
    }
}
