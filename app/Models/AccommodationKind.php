<?php

declare(strict_types=1);

namespace App\Models;

enum AccommodationKind: string
{
    case MoreTime = 'more_time';
    case Stool = 'stool';
    case Reader = 'reader';
    case LargePrint = 'large_print';
    case Other = 'other';
}
