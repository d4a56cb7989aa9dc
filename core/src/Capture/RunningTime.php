<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** What the clock of a student says. Times in ms: what has run, and when it first started, since when it runs and since when the tray is presented. */
final readonly class RunningTime
{
    private function __construct(
        public int $ms,
        public bool $presented,
        public ?int $runningSince,
        public ?int $startedAt,
        public ?int $presentedSince,
    ) {}

    /**
     * Start and resume begin to run if not running; pause and stop end it. Stop presents the tray, a later resume takes that back.
     *
     * @param list<ClockTurned> $turns in order of time
     */
    public static function of(array $turns): self
    {
        $ms = 0;
        $since = $started = $presented = null;
        foreach ($turns as $turn) {
            if ($turn->setsRunning()) {
                $since ??= $turn->at;
                $started ??= $turn->at;
                $presented = $turn->event === ClockEvent::Resume ? null : $presented;

                continue;
            }
            $ms += $since === null ? 0 : $turn->at - $since;
            $since = null;
            $presented ??= $turn->event === ClockEvent::Stop ? $turn->at : null;
        }

        return new self($ms, $presented !== null, $since, $started, $presented);
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
