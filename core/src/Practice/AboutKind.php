<?php

declare(strict_types=1);

namespace DeftBlade\Core\Practice;

/** What kind of thing points are lost at. */
enum AboutKind: string
{
    case Criterion = 'criterion';
    case Fault = 'fault';
    case Piece = 'piece';
    /** Time, frame: what is judged as a whole. */
    case Component = 'component';
}
