<?php

declare(strict_types=1);

namespace DeftBlade\Core\Statistics;

/** The regularised incomplete beta function, from which the distributions of variances follow. */
final class Beta
{
    private const TINY = 1e-300;

    private const STEPS = 500;

    /**
     * I_x(a, b) for 0 ≤ x ≤ 1 and a, b > 0, to about 1e-13: the continued fraction of DLMF 8.17.22, worked out by Lentz's method, on the side where it converges fast.
     */
    public static function regularised(float $x, float $a, float $b): float
    {
        if ($x <= 0 || $x >= 1) {
            return $x <= 0 ? 0.0 : 1.0;
        }
        if ($x > ($a + 1) / ($a + $b + 2)) {
            return 1 - self::regularised(1 - $x, $b, $a);
        }
        $front = exp($a * log($x) + $b * log1p(-$x) - self::logBeta($a, $b)) / $a;

        return $front / self::fraction($x, $a, $b);
    }

    private static function logBeta(float $a, float $b): float
    {
        return Gamma::log($a) + Gamma::log($b) - Gamma::log($a + $b);
    }

    private static function fraction(float $x, float $a, float $b): float
    {
        $value = $above = 1.0;
        $below = 0.0;
        for ($step = 1; $step <= self::STEPS; $step++) {
            $half = intdiv($step, 2);
            $term = $step % 2 === 0
                ? $half * ($b - $half) * $x / (($a + $step - 1) * ($a + $step))
                : -($a + $half) * ($a + $b + $half) * $x / (($a + $step - 1) * ($a + $step));
            $below = 1 / self::notZero(1 + $term * $below);
            $above = self::notZero(1 + $term / $above);
            $value *= $above * $below;
            if (abs($above * $below - 1) < 1e-15) {
                break;
            }
        }

        return $value;
    }

    private static function notZero(float $value): float
    {
        return abs($value) < self::TINY ? self::TINY : $value;
    }
}
