<?php

declare(strict_types=1);

namespace DeftBlade\Core\Statistics;

/** The gamma function, and the share of it below a bound. */
final class Gamma
{
    private const STEPS = 1_000;

    private const CLOSE = 1e-16;

    private const TINY = 1e-300;

    /** Below it Stirling's series is not exact enough. */
    private const STIRLING_FROM = 15.0;

    /** ln Γ(z) for z > 0: moved up by the recurrence, then Stirling's series (DLMF 5.11.1). */
    public static function log(float $z): float
    {
        $shift = 0.0;
        for (; $z < self::STIRLING_FROM; $z++) {
            $shift += log($z);
        }
        $series = 1 / (12 * $z) - 1 / (360 * $z ** 3) + 1 / (1260 * $z ** 5) - 1 / (1680 * $z ** 7) + 1 / (1188 * $z ** 9);

        return ($z - 0.5) * log($z) - $z + 0.5 * log(2 * M_PI) + $series - $shift;
    }

    /** P(a, x), the lower part of Γ(a) as a share of it, for a > 0 and x ≥ 0: the series of DLMF 8.11.4, or above a + 1 the continued fraction of 8.9.2. */
    public static function below(float $x, float $a): float
    {
        if ($x <= 0) {
            return 0.0;
        }
        $front = exp($a * log($x) - $x - self::log($a));

        return $x < $a + 1 ? $front * self::series($x, $a) : 1 - $front * self::fraction($x, $a);
    }

    private static function series(float $x, float $a): float
    {
        $term = $sum = 1 / $a;
        for ($step = 1; $step <= self::STEPS && $term > $sum * self::CLOSE; $step++) {
            $term *= $x / ($a + $step);
            $sum += $term;
        }

        return $sum;
    }

    /** By Lentz's method. */
    private static function fraction(float $x, float $a): float
    {
        $of = $x + 1 - $a;
        $above = 1 / self::TINY;
        $below = $value = 1 / $of;
        for ($step = 1; $step <= self::STEPS; $step++) {
            $term = -$step * ($step - $a);
            $of += 2;
            $below = 1 / ($of + $term * $below);
            $above = $of + $term / $above;
            $value *= $above * $below;
            if (abs($above * $below - 1) < self::CLOSE) {
                break;
            }
        }

        return $value;
    }
}
