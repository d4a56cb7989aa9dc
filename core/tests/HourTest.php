<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Planning\Hour;
use DeftBlade\Core\Planning\ServiceShape;
use DeftBlade\Core\Planning\ServiceTime;
use DeftBlade\Core\Planning\Turn;
use DeftBlade\Core\Planning\WeighIn;
use DeftBlade\Core\Planning\Work;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The hour in waves, worked out by hand, and how it goes at the scale (first come, first served). */
final class HourTest extends TestCase
{
    public function testWavesStartAGapApartAndShareTheStudentsEvenly(): void
    {
        $hour = self::hour(7, benches: 7, waves: 3, gapS: 300);
        self::assertSame([1, 1, 1, 2, 2, 3, 3], array_map(static fn(Turn $it): int => $it->wave, $hour->turns));
        self::assertSame([1, 2, 3, 4, 5, 6, 7], array_map(static fn(Turn $it): int => $it->bench, $hour->turns));
        // Mise takes 300 s, then a wave every 300 s.
        self::assertSame([300.0, 300.0, 300.0, 600.0, 600.0, 900.0, 900.0], array_map(static fn(Turn $it): float => $it->startS, $hour->turns));
        self::assertSame([3, 900.0 + 1800 + 600], [$hour->waves(), $hour->freeS()]);
    }

    public function testABenchIsCleanAndSetUpBeforeItIsUsedAgain(): void
    {
        $hour = self::hour(5, benches: 2, waves: 1, gapS: 60);
        self::assertSame([1, 1, 2, 2, 3], array_map(static fn(Turn $it): int => $it->wave, $hour->turns));
        self::assertSame([1, 2, 1, 2, 1], array_map(static fn(Turn $it): int => $it->bench, $hour->turns));
        // 300 mise + 1 800 limit + 600 cleaning + 300 mise = 3 000, and the same again.
        self::assertSame([300.0, 3000.0, 5700.0], array_values(array_unique(array_map(static fn(Turn $it): float => $it->startS, $hour->turns))));
    }

    public function testAStudentWithMoreTimeHoldsTheBenchLonger(): void
    {
        $hour = Hour::of([new Work(1500, 2250), new Work(1200, 1800), new Work(1200, 1800)], 2, 1, 0, 0, 0);
        // The third student takes bench 1, which the first has for 2 250 s.
        self::assertSame([0.0, 0.0, 2250.0], array_map(static fn(Turn $it): float => $it->startS, $hour->turns));
        self::assertSame([2250.0, 1800.0, 4050.0], array_map(static fn(Turn $it): float => $it->limitS, $hour->turns));
    }

    public function testTraysOfAWaveComeEvenlyBetweenStandardTimeAndLimit(): void
    {
        $hour = Hour::of([new Work(1200, 1800), new Work(1200, 1800), new Work(1200, 1800)], 3, 1, 0, 0, 0);
        self::assertSame([1300.0, 1500.0, 1700.0], $hour->arrivals()->times);
    }

    /** Worked by hand: trays come at 1 300, 1 500 and 1 700 s. */
    public function testHandWorkedQueues(): void
    {
        $hour = Hour::of([new Work(1200, 1800), new Work(1200, 1800), new Work(1200, 1800)], 3, 1, 0, 0, 0);
        // 260 s each at one scale: the second waits 60 s, the third 120 s; the last is weighed at 1 300 + 3 · 260.
        $slow = WeighIn::of($hour, 1, self::fixed(260)) ?? self::fail('trays come');
        self::assertEqualsWithDelta([60.0, 2080.0, 2080.0, 780 / 2080], [$slow->meanWaitS, $slow->lastS, $slow->p95LastS, $slow->utilisation], 1e-9);
        // Two scales: nobody waits, the last is weighed at 1 700 + 260.
        $two = WeighIn::of($hour, 2, self::fixed(260)) ?? self::fail('trays come');
        self::assertSame([0.0, 0.0, 1960.0], [$two->meanWaitS, $two->p95WaitS, $two->lastS]);
        // At 1 500 s (minute 25) the second has just come and waits for 60 s; at 1 740 s (minute 29) the third waits.
        self::assertSame([0.0, 1.0, 0.0, 1.0, 0.0], array_map(static fn(int $minute): float => (float) $slow->waiting[$minute], [24, 25, 26, 29, 31]));
        self::assertSame([0.0], array_values(array_unique(array_map(floatval(...), $two->waiting))));
        self::assertNull(WeighIn::of(Hour::of([], 3, 1, 0, 0, 0), 1, self::fixed(60)));
    }

    public function testTheSmallestGapHoldsTheLimitAndAMinuteLessDoesNot(): void
    {
        $service = new ServiceTime(150, 0.4, ServiceShape::Lognormal);
        $plan = static fn(float $gapS): Hour => self::hour(12, benches: 12, waves: 3, gapS: $gapS);
        $gap = WeighIn::smallestGap($plan, 1, $service, 360);
        self::assertNotNull($gap);
        self::assertSame([0, true], [$gap % 60, $gap > 0]);
        self::assertLessThanOrEqual(360, WeighIn::of($plan($gap), 1, $service)?->p95WaitS);
        self::assertGreaterThan(360, WeighIn::of($plan($gap - 60), 1, $service)?->p95WaitS);
        self::assertEquals(WeighIn::of($plan($gap), 1, $service), WeighIn::of($plan($gap), 1, $service), 'the same plan has the same figures');
        self::assertSame(0, WeighIn::smallestGap($plan, 4, $service, 360), 'with four scales the waves may start together');
        self::assertNull(WeighIn::smallestGap($plan, 1, new ServiceTime(600, 0.4, ServiceShape::Lognormal), 60), 'no gap helps within a wave');
    }

    /** @param list<int> $sizes */
    #[DataProvider('divisions')]
    public function testDividesStudentsIntoWaves(int $students, int $benches, int $waves, array $sizes): void
    {
        self::assertSame($sizes, array_values(array_count_values(array_map(static fn(Turn $it): int => $it->wave, self::hour($students, $benches, $waves, 600)->turns))));
    }

    /** @return array<string, array{int, int, int, list<int>}> */
    public static function divisions(): array
    {
        return [
            'one wave' => [12, 12, 1, [12]],
            'three waves' => [12, 12, 3, [4, 4, 4]],
            'one left over' => [13, 13, 3, [5, 4, 4]],
            'more waves than students' => [2, 12, 5, [1, 1]],
            'as many as the benches need' => [24, 10, 1, [8, 8, 8]],
            'nobody' => [0, 12, 3, []],
        ];
    }

    /** Whatever is planned: nobody stands where somebody works, waves keep their gap, and nobody gets less time than they have. */
    public function testNoPlanPutsTwoAtOneBenchAtOnce(): void
    {
        mt_srand(20_261_127);
        for ($round = 0; $round < 400; $round++) {
            $works = array_map(static fn(): Work => new Work(600 + 60 * mt_rand(0, 20), 1800 + 60 * mt_rand(0, 30)), range(1, mt_rand(1, 40)));
            [$benches, $waves, $gap, $mise, $clean] = [mt_rand(1, 24), mt_rand(1, 8), 60 * mt_rand(0, 20), 60 * mt_rand(0, 15), 60 * mt_rand(0, 15)];
            $hour = Hour::of($works, $benches, $waves, $gap, $mise, $clean);
            $said = count($works)." students, $benches benches, $waves waves, gap $gap, mise $mise, cleaning $clean";
            self::assertCount(count($works), $hour->turns, $said);
            $free = [];
            $starts = [];
            foreach ($hour->turns as $index => $turn) {
                self::assertTrue($turn->bench >= 1 && $turn->bench <= $benches, $said);
                self::assertGreaterThanOrEqual(($free[$turn->bench] ?? 0) + $mise, $turn->startS, "$said: bench {$turn->bench}");
                self::assertEqualsWithDelta([$works[$index]->standardS, $works[$index]->limitS, $works[$index]->limitS + $clean], [$turn->standardS - $turn->startS, $turn->limitS - $turn->startS, $turn->freeS - $turn->startS], 1e-9, $said);
                self::assertTrue($turn->presentS > $turn->standardS - 1e-9 && $turn->presentS < $turn->limitS + 1e-9, $said);
                self::assertSame($starts[$turn->wave] ??= $turn->startS, $turn->startS, "$said: a wave starts together");
                $free[$turn->bench] = $turn->freeS;
            }
            $starts = array_values($starts);
            for ($wave = 1; $wave < count($starts); $wave++) {
                self::assertGreaterThanOrEqual($gap, $starts[$wave] - $starts[$wave - 1], $said);
            }
            self::assertSame(max($free), $hour->freeS(), $said);
        }
    }

    private static function hour(int $students, int $benches, int $waves, float $gapS): Hour
    {
        return Hour::of($students === 0 ? [] : array_fill(0, $students, new Work(1200, 1800)), $benches, $waves, $gapS, 300, 600);
    }

    private static function fixed(float $seconds): ServiceTime
    {
        return new ServiceTime($seconds, 0, ServiceShape::Fixed);
    }
}
