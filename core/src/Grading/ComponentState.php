<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

enum ComponentState: string
{
    case Scored = 'scored';
    /** Something it needs is not captured yet. */
    case Pending = 'pending';
    /** It has nothing to judge here: all of it is excused, or the standard does not ask for it. */
    case Dropped = 'dropped';
}
