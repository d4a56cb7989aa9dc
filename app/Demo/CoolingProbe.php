<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\LotEntry;
use App\Models\LotRow;

/** A simulated probe in a container that cools: Newton's law from 85 °C towards a refrigerator at 3 °C, some containers faster than others. */
final readonly class CoolingProbe
{
    private const HOT_C = 85.0;

    private const COLD_C = 3.0;

    /** Time constants in seconds: a shallow pan in ice, and a deep pot that is left to stand. */
    private const FAST_S = 1_500;

    private const SLOW_S = 6_000;

    public function read(LotRow $lot, \DateTimeInterface $now): float
    {
        $drawn = LotEntry::query()->find($lot->id)->at ?? $now;
        $elapsed = max(0, (float) $now->format('U.u') - (float) $drawn->format('U.u'));
        $constant = self::FAST_S + (self::SLOW_S - self::FAST_S) * (crc32($lot->id) % 1000) / 1000;

        return round(self::COLD_C + (self::HOT_C - self::COLD_C) * exp(-$elapsed / $constant), 1);
    }
}
