<?php

declare(strict_types=1);

namespace DeftBlade\Core\Planning;

/** How weighing times are spread about their mean. */
enum ServiceShape: string
{
    case Fixed = 'fixed';
    case Lognormal = 'lognormal';
    case Exponential = 'exponential';
}
