<?php

declare(strict_types=1);

namespace DeftBlade\Core\Trends;

/** What values that are like each other lie between. */
final readonly class ControlLimits
{
    public function __construct(public float $mean, public float $meanRange, public float $lower, public float $upper) {}
}
