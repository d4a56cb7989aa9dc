<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** How a person stands to the second look at a tray. */
enum SecondLookStanding: string
{
    /** They gave the first. */
    case GaveFirst = 'gave_first';
    /** They may give it; nobody has asked them. */
    case Free = 'free';
    case Open = 'open';
    case Finished = 'finished';
}
