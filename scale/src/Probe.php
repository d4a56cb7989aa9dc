<?php

declare(strict_types=1);

namespace DeftBlade\BenchScale;

use Random\Randomizer;

/** A probe thermometer in a carcass out of the refrigerator: each time in another one, to a tenth of a degree. */
final readonly class Probe
{
    private const COLDEST_TENTHS = 12;

    private const WARMEST_TENTHS = 52;

    public function __construct(private Randomizer $random) {}

    /** @return float °C */
    public function read(): float
    {
        return $this->random->getInt(self::COLDEST_TENTHS, self::WARMEST_TENTHS) / 10;
    }
}
