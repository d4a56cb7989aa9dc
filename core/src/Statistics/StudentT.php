<?php

declare(strict_types=1);

namespace DeftBlade\Core\Statistics;

/** Student's t: how far a mean may lie from what it is of, in its own standard errors. */
final class StudentT
{
    /** The t that a share of the distribution lies within on both sides of 0: t² is F with 1 and as many degrees of freedom; 0 < share < 1. */
    public static function within(float $share, float $degrees): float
    {
        return sqrt(FDistribution::quantile($share, 1, $degrees));
    }
}
