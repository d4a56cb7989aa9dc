<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

enum LotProductKind: string
{
    case Piece = 'piece';
    case Bin = 'bin';
    case Scrape = 'scrape';
    case Giblet = 'giblet';
}
