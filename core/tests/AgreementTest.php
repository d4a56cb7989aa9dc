<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Agreement\LevelPairs;
use DeftBlade\Core\Agreement\LimitsOfAgreement;
use DeftBlade\Core\Agreement\RatedTotals;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** How far assessors lie apart, against published worked examples and against other ways to say the same. */
final class AgreementTest extends TestCase
{
    /** P. Shrout and J. Fleiss, Intraclass correlations: uses in assessing rater reliability, Psychological Bulletin 86 (1979), table 2: six trays, four judges. */
    private const SHROUT_FLEISS = [[9, 2, 5, 8], [6, 1, 3, 2], [8, 4, 6, 8], [7, 1, 2, 6], [10, 5, 6, 9], [6, 2, 4, 7]];

    public function testTheTableOfShroutAndFleiss(): void
    {
        $totals = self::totals(self::SHROUT_FLEISS);
        self::assertSame(0.29, round((float) $totals->icc(), 2));
        // The interval as general statistics packages give it for this table; from memory.
        self::assertSame([0.019, 0.761], array_map(static fn(float $it): float => round($it, 3), $totals->interval(0.95) ?? []));
        self::assertNull($totals->limits(), 'limits of agreement are of two');
    }

    /** J. M. Bland and D. G. Altman, Statistical methods for assessing agreement between two methods of clinical measurement, The Lancet (1986): peak flow by a large and a mini meter, l/min. */
    public function testTheMetersOfBlandAndAltman(): void
    {
        $large = [494, 395, 516, 434, 476, 557, 413, 442, 650, 433, 417, 656, 267, 478, 178, 423, 427];
        $mini = [512, 430, 520, 428, 500, 600, 364, 380, 658, 445, 432, 626, 260, 477, 259, 350, 451];
        $limits = LimitsOfAgreement::of(array_map(static fn(int $one, int $other): array => [(float) $other, (float) $one], $large, $mini));
        self::assertSame([-2.1, 38.8], [round($limits->bias, 1), round($limits->sd, 1)]);
        // The paper takes twice the standard deviation: −79.7 and 75.5.
        self::assertEqualsWithDelta(-79.7 + 0.04 * 38.8, $limits->lower(), 0.1);
        self::assertEqualsWithDelta(75.5 - 0.04 * 38.8, $limits->upper(), 0.1);
    }

    /** A hundred marks on three levels: no weights 0.9315, linear 0.9412, quadratic 0.9541, as the tests of a general machine-learning library have them; from memory. */
    public function testAHundredMarksOnThreeLevels(): void
    {
        $pairs = [...array_fill(0, 46, [0, 0]), ...array_fill(0, 4, [1, 0]), ...array_fill(0, 40, [1, 1]), ...array_fill(0, 10, [2, 2])];
        $levels = new LevelPairs('joints', 3, $pairs);
        self::assertSame([0.9541, 0.96, -0.04], [round((float) $levels->kappa(), 4), $levels->exact(), $levels->meanDifference()]);
    }

    public function testWhatChanceAloneWouldGiveIsNoAgreement(): void
    {
        $kappa = static fn(array $pairs): ?float => (new LevelPairs('joints', 3, $pairs))->kappa();
        self::assertEqualsWithDelta(0.0, (float) $kappa([[0, 0], [0, 2], [2, 0], [2, 2]]), 1e-12, 'two who throw coins');
        self::assertSame([1.0, -1.0], [$kappa([[0, 0], [2, 2]]), $kappa([[0, 2], [2, 0]])]);
        self::assertNull($kappa([[1, 1], [1, 1]]), 'both always say the same: nothing can be said');
        self::assertSame([null, null, null], [$kappa([]), (new LevelPairs('joints', 3, []))->exact(), (new LevelPairs('joints', 3, []))->meanDifference()]);
    }

    /** J. Fleiss and J. Cohen, The equivalence of weighted kappa and the intraclass correlation coefficient (1973): with quadratic weights it is 2·cov / (var + var + (difference of means)²). */
    public function testKappaIsWhatTheMomentsSay(): void
    {
        $random = new Randomizer(new Mt19937(20261126));
        for ($run = 0; $run < 200; $run++) {
            $levels = $random->getInt(2, 6);
            $pairs = array_map(static fn(): array => [$random->getInt(0, $levels - 1), $random->getInt(0, $levels - 1)], range(1, $random->getInt(2, 40)));
            [$first, $second] = [array_column($pairs, 0), array_column($pairs, 1)];
            $n = count($pairs);
            [$one, $other] = [array_sum($first) / $n, array_sum($second) / $n];
            $cov = array_sum(array_map(static fn(int $a, int $b): float => ($a - $one) * ($b - $other), $first, $second)) / $n;
            $spread = static fn(array $of, float $mean): float => array_sum(array_map(static fn(int $it): float => ($it - $mean) ** 2, $of)) / count($of);
            $below = $spread($first, $one) + $spread($second, $other) + ($one - $other) ** 2;
            $kappa = (new LevelPairs('joints', $levels, $pairs))->kappa();
            $below < 1e-12 ? self::assertNull($kappa) : self::assertEqualsWithDelta(2 * $cov / $below, $kappa, 1e-12);
        }
    }

    public function testAWholeClassThatEverybodySeesTheSame(): void
    {
        $same = self::totals([[71, 71], [64, 64], [88, 88]]);
        self::assertSame([1.0, [1.0, 1.0]], [$same->icc(), $same->interval(0.95)]);
        self::assertNull(self::totals([[70, 70], [70, 70]])->icc(), 'no total differs from another');
        self::assertNull(self::totals([[70, 70], [70, 70]])->interval(0.95));
    }

    public function testWhoIsAlwaysTenPointsStricterDoesNotAgree(): void
    {
        $even = self::totals([[50, 40], [60, 50], [70, 60], [80, 70]]);
        $icc = (float) $even->icc();
        // Rows 333.33 (mean square), columns 200, nothing left: 333.33 / (333.33 + 2 · 200 / 4).
        self::assertEqualsWithDelta(333.3333333 / 433.3333333, $icc, 1e-6);
        self::assertSame([-10.0, 0.0, -10.0, -10.0], [$even->limits()?->bias, $even->limits()?->sd, $even->limits()?->lower(), $even->limits()?->upper()]);
    }

    public function testTheIntervalHoldsTheFigureAndGrowsWithConfidence(): void
    {
        $random = new Randomizer(new Mt19937(20261127));
        for ($run = 0; $run < 100; $run++) {
            $k = $random->getInt(2, 4);
            $totals = self::totals(array_map(static function () use ($random, $k): array {
                $tray = $random->getInt(40, 95);

                return array_map(static fn(): float => $tray + $random->getInt(-100, 100) / 10, range(1, $k));
            }, range(1, $random->getInt(3, 20))));
            [$low, $high] = $totals->interval(0.95) ?? self::fail('there is variance');
            [$lower, $higher] = $totals->interval(0.99) ?? self::fail('there is variance');
            self::assertTrue($lower < $low && $low < $totals->icc() && $totals->icc() < $high && $high < $higher);
        }
    }

    /** @param list<list<int|float>> $rows */
    private static function totals(array $rows): RatedTotals
    {
        return new RatedTotals(array_map(static fn(array $row): array => array_map(floatval(...), $row), $rows));
    }
}
