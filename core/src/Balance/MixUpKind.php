<?php

declare(strict_types=1);

namespace DeftBlade\Core\Balance;

enum MixUpKind: string
{
    /** The same piece, exchanged between two trays. */
    case Swap = 'swap';
    /** Something of one tray weighed on the other. */
    case Spill = 'spill';
}
