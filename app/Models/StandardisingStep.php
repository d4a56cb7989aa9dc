<?php

declare(strict_types=1);

namespace App\Models;

/** What happens to a standardising set. */
enum StandardisingStep: string
{
    /** Somebody judges a criterion of a tray. */
    case Level = 'level';
    /** Somebody has judged all they want to. */
    case Finished = 'finished';
    /** Everybody sees what everybody gave; nobody judges any more. */
    case Opened = 'opened';
    /** The level that the lead fixes after the talk, and why. */
    case Reference = 'reference';
}
