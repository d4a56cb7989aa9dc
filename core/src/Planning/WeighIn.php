<?php

declare(strict_types=1);

namespace DeftBlade\Core\Planning;

use DeftBlade\Core\Statistics\Sample;

/** How an hour goes at the scale: simulated with a fixed seed, so that the same plan shows the same figures. */
final readonly class WeighIn
{
    private const RUNS = 200;

    private const SEED = 1;

    /** Gaps, and the queue over the hour, are told to the minute. */
    public const STEP_S = 60;

    private const LONGEST_GAP_STEPS = 60;

    /**
     * @param float       $meanWaitS
     * @param float       $p95WaitS    nineteen trays in twenty wait no longer
     * @param float       $lastS       when the last tray is weighed, on average
     * @param float       $p95LastS    in nineteen hours of twenty
     * @param float       $utilisation share of the scales' time in which something is weighed
     * @param list<float> $waiting     how many trays stand in the queue on average, minute by minute from the start
     */
    private function __construct(public float $meanWaitS, public float $p95WaitS, public float $lastS, public float $p95LastS, public float $utilisation, public array $waiting) {}

    /** @return self|null null where no tray comes */
    public static function of(Hour $hour, int $scales, ServiceTime $service): ?self
    {
        if ($hour->turns === []) {
            return null;
        }
        $runs = self::runs($hour, $scales, $service);
        $waits = self::waits($runs);
        $last = Sample::of(array_map(static fn(QueueRun $it): float => $it->lastDoneS, $runs));
        $used = Sample::of(array_map(static fn(QueueRun $it): float => $it->utilisation($scales) ?? 0.0, $runs));

        return new self($waits->mean() ?? 0.0, $waits->quantile(0.95) ?? 0.0, $last->mean() ?? 0.0, $last->quantile(0.95) ?? 0.0, $used->mean() ?? 0.0, self::waiting($runs));
    }

    /** @return list<QueueRun> */
    private static function runs(Hour $hour, int $scales, ServiceTime $service): array
    {
        return (new Queue($scales, $hour->arrivals(), $service, self::RUNS, self::SEED))->run();
    }

    /** @param list<QueueRun> $runs */
    private static function waits(array $runs): Sample
    {
        return Sample::of(array_merge([], ...array_map(static fn(QueueRun $it): array => $it->waitsS, $runs)));
    }

    /**
     * @param list<QueueRun> $runs
     *
     * @return list<float>
     */
    private static function waiting(array $runs): array
    {
        $waiting = [];
        $end = max([0.0, ...array_map(static fn(QueueRun $it): float => $it->lastDoneS, $runs)]);
        for ($second = 0; $second <= $end; $second += self::STEP_S) {
            $waiting[] = array_sum(array_map(static fn(QueueRun $it): int => $it->waitingAt($second), $runs)) / count($runs);
        }

        return $waiting;
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
        $holds = static fn(int $steps): bool => (self::waits(self::runs($plan((float) $steps * self::STEP_S), $scales, $service))->quantile(0.95) ?? 0.0) <= $limitS;
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
