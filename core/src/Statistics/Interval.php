<?php

declare(strict_types=1);

namespace DeftBlade\Core\Statistics;

/** A figure with what it may as well be. */
final readonly class Interval
{
    public function __construct(public float $value, public float $low, public float $high) {}

    public function holds(float $value): bool
    {
        return $this->low <= $value && $value <= $this->high;
    }
}
