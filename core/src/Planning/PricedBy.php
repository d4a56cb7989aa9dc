<?php

declare(strict_types=1);

namespace DeftBlade\Core\Planning;

enum PricedBy: string
{
    case Kilogram = 'kg';
    case Each = 'each';
}
