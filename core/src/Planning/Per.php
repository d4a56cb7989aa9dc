<?php

declare(strict_types=1);

namespace DeftBlade\Core\Planning;

/** What a thing on the list of equipment is counted by. */
enum Per: string
{
    case Bench = 'bench';
    case Student = 'student';
    case Scale = 'scale';
    case Room = 'room';
}
