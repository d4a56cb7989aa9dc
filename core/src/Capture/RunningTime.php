<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** What the clock says: time run so far in ms, whether the tray is presented, and since when it runs now. */
final readonly class RunningTime
{
    private function __construct(public int $ms, public bool $presented, public ?int $runningSince) {}

    /**
     * Start and resume begin to run if not running; pause and stop end it. Stop presents the tray, a later resume takes that back.
     *
     * @param list<ClockTurned> $turns in order of time
     */
    public static function of(array $turns): self
    {
        $ms = 0;
        $since = null;
        $presented = false;
        foreach ($turns as $turn) {
            if ($turn->event === ClockEvent::Start || $turn->event === ClockEvent::Resume) {
                $since ??= $turn->at;
                $presented = $presented && $turn->event !== ClockEvent::Resume;

                continue;
            }
            $ms += $since === null ? 0 : $turn->at - $since;
            $since = null;
            $presented = $presented || $turn->event === ClockEvent::Stop;
        }

        return new self($ms, $presented, $since);
    }

    /**
     * What had run when the clock was looked at: the split time of a checkpoint.
     *
     * @param list<ClockTurned> $turns in order of time
     */
    public static function until(int $at, array $turns): int
    {
        $time = self::of(array_values(array_filter($turns, static fn(ClockTurned $turn): bool => $turn->at <= $at)));

        return $time->ms + ($time->runningSince === null ? 0 : $at - $time->runningSince);
    }
}
