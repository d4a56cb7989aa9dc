<?php

declare(strict_types=1);

namespace App\Models;

/** What became of one line of an appeal. */
enum AppealOutcome: string
{
    case Upheld = 'upheld';
    case Partly = 'partly';
    case Not = 'not';
}
