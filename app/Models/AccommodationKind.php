<?php

declare(strict_types=1);

namespace App\Models;

enum AccommodationKind: string
{
    case MoreTime = 'more_time';
    case Stool = 'stool';
    case Reader = 'reader';
    case LargePrint = 'large_print';
    /** With a knife only while somebody who may supervise is there, as for who is under age. */
    case Supervised = 'supervised';
    case Other = 'other';
}
