<?php

declare(strict_types=1);

namespace DeftBlade\Core\Balance;

enum BalanceState: string
{
    /** Something is not weighed yet. */
    case Open = 'open';
    case Balanced = 'balanced';
    /** Less came off the carcass than went in. */
    case Short = 'short';
    /** More came off than went in. */
    case Over = 'over';

    /** All is weighed, and it does not add up. */
    public function isOff(): bool
    {
        return $this === self::Short || $this === self::Over;
    }
}
