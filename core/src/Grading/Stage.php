<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Balance\BalanceState;

/** How far a tray has come. */
enum Stage: string
{
    case Waiting = 'waiting';
    case Received = 'received';
    case Running = 'running';
    case Presented = 'presented';
    case Weighing = 'weighing';
    /** Every piece, bin and the scrape is weighed; something is still to be judged. */
    case Weighed = 'weighed';
    case Judged = 'judged';

    public static function of(AttemptResult $result): self
    {
        $log = $result->attempt->log;

        return match (true) {
            $result->status === Status::Final => self::Judged,
            $result->balance->state !== BalanceState::Open => self::Weighed,
            $log->pieces !== [] || $log->bins !== [] => self::Weighing,
            $log->time->presented => self::Presented,
            $log->time->runningSince !== null || $log->time->ms > 0 => self::Running,
            $log->received !== null => self::Received,
            default => self::Waiting,
        };
    }
}
