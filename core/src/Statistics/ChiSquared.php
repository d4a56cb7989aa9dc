<?php

declare(strict_types=1);

namespace DeftBlade\Core\Statistics;

/** The distribution of a sum of squared standard normal figures. */
final class ChiSquared
{
    /** P(χ² ≤ x) with so many degrees of freedom (Abramowitz and Stegun 26.4.19). */
    public static function below(float $x, float $freedom): float
    {
        return Gamma::below($x / 2, $freedom / 2);
    }

    /** The x below which a share of the distribution lies, by halving until two neighbouring numbers are left; 0 < share < 1. */
    public static function quantile(float $share, float $freedom): float
    {
        [$low, $high] = [0.0, $freedom + 1];
        while (self::below($high, $freedom) < $share) {
            $high *= 2;
        }
        while (($middle = ($low + $high) / 2) > $low && $middle < $high) {
            self::below($middle, $freedom) < $share ? $low = $middle : $high = $middle;
        }

        return $high;
    }
}
