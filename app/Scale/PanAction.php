<?php

declare(strict_types=1);

namespace App\Scale;

enum PanAction: string
{
    case Clear = 'clear';
    case Tare = 'tare';
    case Zero = 'zero';
}
