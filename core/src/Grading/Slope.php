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
}
