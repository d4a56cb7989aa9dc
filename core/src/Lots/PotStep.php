<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

/** What is done at a pot on the way. */
enum PotStep: string
{
    case Skimmed = 'skimmed';
    case Strained = 'strained';
}
