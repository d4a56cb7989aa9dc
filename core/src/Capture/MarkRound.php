<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** Which look a level comes from. */
enum MarkRound: string
{
    case First = 'first';
    /** Of another assessor, who did not know the first. */
    case Second = 'second';
    /** What both came to together, or a third person decided. */
    case Agreed = 'agreed';
}
