<?php

declare(strict_types=1);

namespace DeftBlade\Core\Carcass;

enum WindowBasis: string
{
    /** Limits are shares of the carcass as purchased, so that big and small carcasses are held to the same cut. */
    case Share = 'share';
    /** Limits are milligrams. */
    case Mass = 'mass';
}
