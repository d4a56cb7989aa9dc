<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

enum SecondLookEvent: string
{
    case Asked = 'asked';
    case Finished = 'finished';
    case CalledOff = 'called_off';
}
