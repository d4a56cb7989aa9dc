<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** How the person who asks stands to the second look at a tray. */
#[OA\Schema(type: 'string')]
enum SecondLookState: string
{
    /** They gave the first. */
    case GaveFirst = 'gave_first';
    /** They may give it; nobody has asked them. */
    case Free = 'free';
    case Open = 'open';
    case Finished = 'finished';
}
