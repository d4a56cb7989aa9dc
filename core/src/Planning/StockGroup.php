<?php

declare(strict_types=1);

namespace DeftBlade\Core\Planning;

/** What goes into one pot together. Fish is an allergen and is done in 45 minutes: it has a pot of its own. */
enum StockGroup: string
{
    case Poultry = 'poultry';
    case Fish = 'fish';
    case Lamb = 'lamb';
}
