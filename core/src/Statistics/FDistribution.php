<?php

declare(strict_types=1);

namespace DeftBlade\Core\Statistics;

/** The distribution of the ratio of two variances (Fisher and Snedecor). */
final class FDistribution
{
    /** P(F ≤ f) with so many degrees of freedom above and below (DLMF 8.17, Abramowitz and Stegun 26.6.2). */
    public static function below(float $f, float $above, float $under): float
    {
        return $f <= 0 ? 0.0 : Beta::regularised($above * $f / ($above * $f + $under), $above / 2, $under / 2);
    }

    /** The f below which a share of the distribution lies, by halving until two neighbouring numbers are left; 0 < share < 1. */
    public static function quantile(float $share, float $above, float $under): float
    {
        [$low, $high] = [0.0, 1.0];
        while (($middle = ($low + $high) / 2) > $low && $middle < $high) {
            Beta::regularised($middle, $above / 2, $under / 2) < $share ? $low = $middle : $high = $middle;
        }

        return $under * $high / ($above * (1 - $high));
    }
}
