<?php

declare(strict_types=1);

namespace DeftBlade\Core\Ledger;

/** What a cooling log comes to. */
enum CoolingVerdict: string
{
    case Open = 'open';
    case Within = 'within';
    case TooSlowFirst = 'too_slow_first';
    case TooSlowTotal = 'too_slow_total';

    /** What was cooled like this is not used. */
    public function isTooSlow(): bool
    {
        return $this === self::TooSlowFirst || $this === self::TooSlowTotal;
    }
}
