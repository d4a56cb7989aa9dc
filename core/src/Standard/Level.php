<?php

declare(strict_types=1);

namespace DeftBlade\Core\Standard;

/** One step of a criterion: what an examiner sees, and the points it earns. */
final readonly class Level
{
    public function __construct(public float $points, public string $text) {}
}
