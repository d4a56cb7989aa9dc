<?php

declare(strict_types=1);

namespace App\Models;

/** What is said while a method card is called. */
enum CalledKind: string
{
    /** An instructor goes to a step. */
    case Step = 'step';
    /** An instructor ends it. */
    case Ended = 'ended';
    /** Somebody follows on their own screen. */
    case Joined = 'joined';
    /** They are done with a step. */
    case Done = 'done';
    /** They need help at a step. */
    case Help = 'help';

    /** For instructors and assessors only. */
    public function isCall(): bool
    {
        return $this === self::Step || $this === self::Ended;
    }

    public function isOfStep(): bool
    {
        return in_array($this, [self::Step, self::Done, self::Help], true);
    }
}
