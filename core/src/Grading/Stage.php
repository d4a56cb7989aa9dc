<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Balance\BalanceState;
use DeftBlade\Core\Capture\CaptureLog;

/** How far a tray has come. */
enum Stage: string
{
    case Waiting = 'waiting';
    /** The mise en place was looked at; no carcass yet. */
    case Mise = 'mise';
    case Received = 'received';
    case Running = 'running';
    case Paused = 'paused';
    case Presented = 'presented';
    case Weighing = 'weighing';
    /** Every piece, bin and the scrape is weighed; something is still to be judged. */
    case Weighed = 'weighed';
    case Judged = 'judged';

    public static function of(AttemptResult $result): self
    {
        return match (true) {
            $result->status === Status::Final => self::Judged,
            $result->balance->state !== BalanceState::Open => self::Weighed,
            default => self::ofLog($result->attempt->log),
        };
    }

    /** The student has cut, and handed the tray in. */
    public function isPresented(): bool
    {
        return in_array($this, [self::Presented, self::Weighing, self::Weighed, self::Judged], true);
    }

    /** As far as it is without what was judged. */
    public function withoutMarks(): self
    {
        return $this === self::Judged ? self::Weighed : $this;
    }

    /** As far as can be said without grading: weighed and judged are not told apart from weighing. */
    public static function ofLog(CaptureLog $log): self
    {
        return match (true) {
            $log->weights->pieces !== [] || $log->weights->bins !== [] => self::Weighing,
            $log->time->presented => self::Presented,
            $log->time->runningSince !== null => self::Running,
            $log->time->ms > 0 => self::Paused,
            $log->weights->received !== null => self::Received,
            $log->floor->mise !== null => self::Mise,
            default => self::Waiting,
        };
    }
}
