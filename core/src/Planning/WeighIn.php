<?php

declare(strict_types=1);

namespace DeftBlade\Core\Planning;

use DeftBlade\Core\Statistics\Sample;

/** How an hour goes at the scale: simulated with a fixed seed, so that the same plan shows the same figures. */
final readonly class WeighIn
{
    private const RUNS = 200;

    private const SEED = 1;

    /** Gaps are told to the minute. */
    private const STEP_S = 60;

    private const LONGEST_GAP_STEPS = 60;

    /**
     * @param float $meanWaitS
     * @param float $p95WaitS    nineteen trays in twenty wait no longer
     * @param float $lastS       when the last tray is weighed, on average
     * @param float $p95LastS    in nineteen hours of twenty
     * @param float $utilisation share of the scales' time in which something is weighed
     */
    private function __construct(public float $meanWaitS, public float $p95WaitS, public float $lastS, public float $p95LastS, public float $utilisation) {}

    /** @return self|null null where no tray comes */
    public static function of(Hour $hour, int $scales, ServiceTime $service): ?self
    {
        if ($hour->turns === []) {
            return null;
        }
        $runs = (new Queue($scales, $hour->arrivals(), $service, self::RUNS, self::SEED))->run();
        $waits = Sample::of(array_merge(...array_map(static fn(QueueRun $it): array => $it->waitsS, $runs)));
        $last = Sample::of(array_map(static fn(QueueRun $it): float => $it->lastDoneS, $runs));
        $used = Sample::of(array_map(static fn(QueueRun $it): float => $it->utilisation($scales) ?? 0.0, $runs));

        return new self($waits->mean() ?? 0.0, $waits->quantile(0.95) ?? 0.0, $last->mean() ?? 0.0, $last->quantile(0.95) ?? 0.0, $used->mean() ?? 0.0);
    }

    /**
     * The smallest gap between waves, in whole minutes, with which nineteen trays in twenty wait no longer than a limit.
     *
     * @param callable(float): Hour $plan the hour with a gap in seconds
     *
     * @return int|null seconds; null where no gap of up to an hour does it
     */
    public static function smallestGap(callable $plan, int $scales, ServiceTime $service, float $limitS): ?int
    {
        $holds = static fn(int $steps): bool => (self::of($plan((float) $steps * self::STEP_S), $scales, $service)->p95WaitS ?? 0.0) <= $limitS;
        if (! $holds(self::LONGEST_GAP_STEPS)) {
            return null;
        }
        [$tooSmall, $enough] = [-1, self::LONGEST_GAP_STEPS];
        while ($enough - $tooSmall > 1) {
            $middle = intdiv($tooSmall + $enough, 2);
            $holds($middle) ? $enough = $middle : $tooSmall = $middle;
        }

        return $enough * self::STEP_S;
    }
}
