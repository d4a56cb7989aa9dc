<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

/** Where mass goes out of a lot. */
enum Destination: string
{
    /** The plates of the day. */
    case Service = 'service';
    /** Another class. */
    case Practical = 'practical';
    /** The stock pot. */
    case Stock = 'stock';
    /** Fat that is melted and strained. */
    case Render = 'render';
    /** Mince, forcemeat, mousse. */
    case Mince = 'mince';
    /** The table of those who work here. */
    case Staff = 'staff';
    case Waste = 'waste';
}
