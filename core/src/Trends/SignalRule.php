<?php

declare(strict_types=1);

namespace DeftBlade\Core\Trends;

/** Why a value on a control chart is a signal. */
enum SignalRule: string
{
    /** It lies beyond a limit. */
    case Beyond = 'beyond';
    /** It is the eighth, or a further one, in a row on one side of the mean. */
    case Run = 'run';
}
