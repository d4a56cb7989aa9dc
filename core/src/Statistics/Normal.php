<?php

declare(strict_types=1);

namespace DeftBlade\Core\Statistics;

/** The standard normal distribution. */
final class Normal
{
    /**
     * Φ(z), to about 1e-15: Hart's rational approximation and continued fraction, as given by G. West,
     * "Better approximations to cumulative normal functions", Wilmott Magazine, May 2005.
     */
    public static function below(float $z): float
    {
        $x = abs($z);
        $tail = match (true) {
            $x > 37 => 0.0,
            $x < 7.07106781186547 => exp(-$x * $x / 2) * self::ratio($x),
            default => exp(-$x * $x / 2) / (sqrt(2 * M_PI) * ($x + 1 / ($x + 2 / ($x + 3 / ($x + 4 / ($x + 0.65)))))),
        };

        return $z > 0 ? 1 - $tail : $tail;
    }

    /**
     * Φ⁻¹(p) for 0 < p < 1: Abramowitz and Stegun 26.2.23 as the first guess, brought to full precision by Halley's steps.
     */
    public static function quantile(float $p): float
    {
        if ($p <= 0 || $p >= 1) {
            throw new \DomainException('a quantile is asked for a probability between 0 and 1');
        }
        if ($p > 0.5) {
            return -self::quantile(1 - $p);
        }
        $t = sqrt(-2 * log($p));
        $z = (2.515517 + $t * (0.802853 + $t * 0.010328)) / (1 + $t * (1.432788 + $t * (0.189269 + $t * 0.001308))) - $t;
        for ($step = 0; $step < 3; $step++) {
            $error = (self::below($z) - $p) * sqrt(2 * M_PI) * exp($z * $z / 2);
            $z -= $error / (1 + $z * $error / 2);
        }

        return $z;
    }

    private static function ratio(float $x): float
    {
        $over = ((((((0.0352624965998911 * $x + 0.700383064443688) * $x + 6.37396220353165) * $x + 33.912866078383) * $x
            + 112.079291497871) * $x + 221.213596169931) * $x + 220.206867912376);
        $under = (((((((0.0883883476483184 * $x + 1.75566716318264) * $x + 16.064177579207) * $x + 86.7807322029461) * $x
            + 296.564248779674) * $x + 637.333633378831) * $x + 793.826512519948) * $x + 440.413735824752);

        return $over / $under;
    }
}
