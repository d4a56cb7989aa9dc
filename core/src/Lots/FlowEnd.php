<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

/** Where delivered mass went in the end. */
enum FlowEnd: string
{
    case Eaten = 'eaten';
    /** Stock, fat, mince. */
    case Cooked = 'cooked';
    /** In the bin, as drip, or nobody knows. */
    case Lost = 'lost';
    case Here = 'here';
}
