<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Json\Node;

/** A figure a policy sets for a component, with its limits: the one definition that the reader and the JSON Schema follow. */
final readonly class Setting
{
    private function __construct(public string $key, private float $most, private bool $isPositive) {}

    /** More than 0. */
    public static function positive(string $key, float $most): self
    {
        return new self($key, $most, true);
    }

    /** From 0 to 1. */
    public static function share(string $key): self
    {
        return new self($key, 1, false);
    }

    public function read(Node $node): float
    {
        return $this->isPositive ? $node->positive($this->most) : $node->number(0, $this->most);
    }

    /** @return array<string, mixed> as JSON Schema */
    public function schema(): array
    {
        return ['type' => 'number', $this->isPositive ? 'exclusiveMinimum' : 'minimum' => 0, 'maximum' => floor($this->most) === $this->most ? (int) $this->most : $this->most];
    }
}
