<?php

declare(strict_types=1);

namespace DeftBlade\Core\Money;

/** Amounts in whole minor units (cents). They are counted unrounded, and rounded once, half up, when they are put out. */
final class Minor
{
    /** The most an amount in a document may be: beyond it a double no longer holds every unit. */
    public const MOST = 1_000_000_000_000;

    public static function rounded(float $amount): int
    {
        return (int) floor($amount + 0.5);
    }
}
