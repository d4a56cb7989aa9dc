<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

enum Verdict: string
{
    case Within = 'within';
    /** Outside the window by less than the weighing can tell: the benefit of the doubt. */
    case Allowed = 'allowed';
    case Under = 'under';
    case Over = 'over';
    case Missing = 'missing';
    case Excused = 'excused';
    case Pending = 'pending';
}
