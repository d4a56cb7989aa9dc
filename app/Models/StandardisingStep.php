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
    /** Students may practise with its photographs and references, or no longer. */
    case Shown = 'shown';

    /** Who leads does it when everybody has judged. */
    public function isOfTheLead(): bool
    {
        return $this === self::Reference || $this === self::Shown;
    }
}
