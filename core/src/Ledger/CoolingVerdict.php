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
}
