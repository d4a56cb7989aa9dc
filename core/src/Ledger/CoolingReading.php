<?php

declare(strict_types=1);

namespace DeftBlade\Core\Ledger;

/** A temperature at the core of a container. */
final readonly class CoolingReading
{
    /** @param int $atMs on any clock, the same for all readings of a container */
    public function __construct(public int $atMs, public float $c) {}
}
