<?php

declare(strict_types=1);

namespace DeftBlade\Core\Planning;

/** White from raw bones, brown from roasted ones. */
enum StockStyle: string
{
    case White = 'white';
    case Brown = 'brown';
}
