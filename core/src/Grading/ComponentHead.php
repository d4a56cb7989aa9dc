<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Json\Node;

/** What every component of a policy has: its name and its weight in the total. */
final readonly class ComponentHead
{
    public const MOST_WEIGHT = 1000;

    private function __construct(public string $id, public string $title, public float $weight) {}

    /** @param list<string> $settings the further keys this component must have */
    public static function read(Node $node, array $settings): self
    {
        $node->keys(['id', 'weight', ...$settings], ['title']);
        $id = $node->at('id')->identifier();

        return new self($id, $node->textOf('title', ucfirst($id)), $node->at('weight')->number(0, self::MOST_WEIGHT));
    }
}
