<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** What became of a fact; none is ever deleted. */
enum CaptureState: string
{
    case Holds = 'holds';
    /** A later fact took its slot, or emptied it. */
    case Replaced = 'replaced';
    case Withdrawn = 'withdrawn';
}
