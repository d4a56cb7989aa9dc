<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(type: 'string')]
enum WaitingKind: string
{
    case Balance = 'balance';
    /** Asked of the person who looks. */
    case YourLook = 'your_look';
    case Appeal = 'appeal';
    case Agree = 'agree';
    case SecondLook = 'second_look';
    case Weigh = 'weigh';
    case Inspect = 'inspect';
    case IssueAgain = 'issue_again';
    case Release = 'release';
}
