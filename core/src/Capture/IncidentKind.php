<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** What happened when work was stopped for safety. */
enum IncidentKind: string
{
    case Cut = 'cut';
    case Slip = 'slip';
    case NearMiss = 'near_miss';
    case Burn = 'burn';
    case Other = 'other';
}
