<?php

declare(strict_types=1);

namespace DeftBlade\BenchScale;

/** Scale status class of the HID Point of Sale usage tables, as far as this scale has them. */
enum Status: int
{
    case StableAtZero = 2;
    case InMotion = 3;
    case Stable = 4;
    case UnderZero = 5;
    case OverLimit = 6;
}
