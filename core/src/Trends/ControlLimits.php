<?php

declare(strict_types=1);

namespace DeftBlade\Core\Trends;

/** What values that are like each other lie between. */
final readonly class ControlLimits
{
    public function __construct(public float $mean, public float $meanRange, public float $lower, public float $upper) {}

    /** Of values that cannot lie outside these two, neither can a limit. */
    public function within(float $least, float $most): self
    {
        return new self($this->mean, $this->meanRange, max($least, $this->lower), min($most, $this->upper));
    }
}
