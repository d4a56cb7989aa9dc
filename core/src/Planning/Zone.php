<?php

declare(strict_types=1);

namespace DeftBlade\Core\Planning;

/** A part of a large pan that is one student's. With two or three to a pan they lie side by side from the left; with four, A and B at the far side, C and D at the near one. */
enum Zone: string
{
    case A = 'A';
    case B = 'B';
    case C = 'C';
    case D = 'D';
}
