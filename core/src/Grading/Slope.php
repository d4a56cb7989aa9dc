<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

/** A straight line between all and nothing. */
final class Slope
{
    /** 1 at or under $full, 0 at or over $none, linear between. */
    public static function down(float $figure, float $full, float $none): float
    {
        return max(0.0, min(1.0, ($none - $figure) / ($none - $full)));
    }

    /** 1 up to the limit; beyond it 1 less for every $taper times the limit, not under 0. */
    public static function beyond(float $figure, float $limit, float $taper): float
    {
        return $figure <= $limit ? 1.0 : max(0.0, 1 - ($figure - $limit) / ($taper * $limit));
    }
}
