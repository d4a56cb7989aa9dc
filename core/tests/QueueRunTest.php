<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Planning\QueueRun;
use PHPUnit\Framework\TestCase;

/** A queue at the scale against what must hold of every one that is first come, first served. */
final class QueueRunTest extends TestCase
{
    public function testWhatHoldsOfEveryQueue(): void
    {
        mt_srand(20_261_128);
        for ($round = 0; $round < 500; $round++) {
            [$scales, $arrivals, $services] = self::hour();
            $run = QueueRun::of($scales, $arrivals, $services);
            $said = "$scales scales, arrivals ".implode(' ', $arrivals).', services '.implode(' ', $services);
            $starts = array_map(static fn(float $arrival, float $wait): float => $arrival + $wait, $arrivals, $run->waitsS);
            $ends = array_map(static fn(float $start, float $service): float => $start + $service, $starts, $services);
            foreach ($starts as $tray => $start) {
                self::assertGreaterThanOrEqual(0, $run->waitsS[$tray], $said);
                self::assertGreaterThanOrEqual($starts[$tray - 1] ?? 0, $start, "$said: first come, first served");
                $busy = self::busyAt($start, $starts, $ends, $tray);
                self::assertLessThan($scales, $busy, "$said: no scale weighs two");
                if ($run->waitsS[$tray] > 1e-9) {
                    self::assertContains($start, $ends, "$said: a tray that waits is taken as soon as a scale is free");
                }
            }
            self::assertEqualsWithDelta([max($ends), array_sum($services)], [$run->lastDoneS, $run->servedS], 1e-9, $said);
            self::assertEqualsWithDelta(array_sum($services) / ($scales * max($ends)), $run->utilisation($scales), 1e-9, $said);
        }
    }

    public function testTheQueueIsAsLongAsTraysHaveComeAndAreNotTaken(): void
    {
        mt_srand(20_261_129);
        for ($round = 0; $round < 200; $round++) {
            [$scales, $arrivals, $services] = self::hour();
            $run = QueueRun::of($scales, $arrivals, $services);
            $waiting = 0.0;
            for ($second = 0; $second <= $run->lastDoneS; $second++) {
                $come = count(array_filter($arrivals, static fn(float $it): bool => $it <= $second));
                $taken = count(array_filter(array_keys($arrivals), static fn(int $tray): bool => $arrivals[$tray] + $run->waitsS[$tray] <= $second));
                self::assertSame($come - $taken, $run->waitingAt($second));
                $waiting += $run->waitingAt($second);
            }
            // Little 1961: the waits add up to the queue added up over time; exact here, where everything falls on whole seconds.
            self::assertEqualsWithDelta(array_sum($run->waitsS), $waiting, 1e-9);
        }
    }

    public function testAnotherScaleMakesNobodyWaitLonger(): void
    {
        mt_srand(20_261_130);
        for ($round = 0; $round < 300; $round++) {
            [$scales, $arrivals, $services] = self::hour();
            [$one, $more] = [QueueRun::of($scales, $arrivals, $services), QueueRun::of($scales + 1, $arrivals, $services)];
            foreach ($one->waitsS as $tray => $wait) {
                self::assertLessThanOrEqual($wait + 1e-9, $more->waitsS[$tray]);
            }
            self::assertLessThanOrEqual($one->lastDoneS + 1e-9, $more->lastDoneS);
        }
    }

    /** @return array{int, non-empty-list<float>, non-empty-list<float>} scales, arrivals in order, services; whole seconds */
    private static function hour(): array
    {
        $arrivals = array_map(static fn(): float => (float) mt_rand(0, 900), range(1, mt_rand(1, 20)));
        sort($arrivals);

        return [mt_rand(1, 4), $arrivals, array_map(static fn(): float => (float) mt_rand(1, 240), $arrivals)];
    }

    /**
     * @param list<float> $starts
     * @param list<float> $ends
     *
     * @return int how many of the trays before are being weighed at a time
     */
    private static function busyAt(float $at, array $starts, array $ends, int $before): int
    {
        $busy = 0;
        for ($tray = 0; $tray < $before; $tray++) {
            $busy += $starts[$tray] <= $at && $at < $ends[$tray] ? 1 : 0;
        }

        return $busy;
    }
}
