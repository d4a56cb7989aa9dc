<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

enum Status: string
{
    case Provisional = 'provisional';
    case Final = 'final';
    /** No AP weight and no piece: there is nothing to grade. */
    case Void = 'void';
}
