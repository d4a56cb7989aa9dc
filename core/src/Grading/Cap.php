<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Json\Node;

/** The most a total can be while its cause is given. */
final readonly class Cap
{
    private function __construct(public CapCause $cause, public float $max) {}

    public static function read(Node $node): self
    {
        $node->keys(['when', 'max'], ['title']);

        return new self($node->at('when')->oneOf(CapCause::class), $node->at('max')->number(0, 100));
    }

    /** @return list<self> in their order */
    public static function readAll(Node $node): array
    {
        return array_values(array_filter(array_map(static fn(Node $it): ?self => $it->attempt(self::read(...)), $node->items())));
    }
}
