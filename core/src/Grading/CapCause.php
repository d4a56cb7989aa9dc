<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

enum CapCause: string
{
    case Critical = 'critical';
    case Resit = 'resit';
    case OverLimit = 'over_limit';
}
