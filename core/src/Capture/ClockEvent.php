<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

enum ClockEvent: string
{
    case Start = 'start';
    case Pause = 'pause';
    case Resume = 'resume';
    case Stop = 'stop';
}
