<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** Which way the product crossed the door of the refrigerator. */
enum ColdChainMove: string
{
    case Out = 'out';
    case In = 'in';
}
