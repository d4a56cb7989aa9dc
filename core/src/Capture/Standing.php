<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** What became of a capture; none is ever rubbed out. */
enum Standing: string
{
    case Holds = 'holds';
    /** A later capture holds its slot. */
    case Replaced = 'replaced';
    case Withdrawn = 'withdrawn';
}
