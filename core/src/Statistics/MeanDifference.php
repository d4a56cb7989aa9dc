<?php

declare(strict_types=1);

namespace DeftBlade\Core\Statistics;

/** How far the means of two groups lie apart whose spreads need not be alike (Welch 1947; NIST/SEMATECH e-Handbook, 7.3.1). */
final class MeanDifference
{
    /**
     * @param list<float> $ones
     * @param list<float> $others
     *
     * @return Interval|null the first less the second; null where one of them has fewer than two, or neither varies
     */
    public static function between(array $ones, array $others, float $confidence): ?Interval
    {
        [$one, $other] = [Moments::of($ones), Moments::of($others)];
        [$variance, $otherVariance] = [$one->variance(), $other->variance()];
        if ($variance === null || $otherVariance === null || $variance + $otherVariance <= 0) {
            return null;
        }
        [$share, $otherShare] = [$variance / count($ones), $otherVariance / count($others)];
        // Satterthwaite's degrees of freedom.
        $degrees = ($share + $otherShare) ** 2 / ($share ** 2 / (count($ones) - 1) + $otherShare ** 2 / (count($others) - 1));
        $difference = (float) $one->mean() - (float) $other->mean();
        $wide = StudentT::within($confidence, $degrees) * sqrt($share + $otherShare);

        return new Interval($difference, $difference - $wide, $difference + $wide);
    }
}
