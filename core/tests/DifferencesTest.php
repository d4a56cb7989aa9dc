<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Statistics\Line;
use DeftBlade\Core\Statistics\MeanDifference;
use DeftBlade\Core\Statistics\StudentT;
use DeftBlade\Core\Trends\Factor;
use DeftBlade\Core\Trends\FactorTray;
use DeftBlade\Core\Trends\Fairness;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Differences and slopes with what they may as well be, against published data; and what totals are found to go with. */
final class DifferencesTest extends TestCase
{
    /** Critical values of Student's t, two-sided, NIST/SEMATECH e-Handbook of Statistical Methods, 1.3.6.7.2. */
    #[TestWith([0.95, 1, 12.706])]
    #[TestWith([0.95, 10, 2.228])]
    #[TestWith([0.99, 10, 3.169])]
    #[TestWith([0.90, 30, 1.697])]
    #[TestWith([0.95, 100, 1.984])]
    public function testTheTableOfCriticalValues(float $share, int $degrees, float $critical): void
    {
        self::assertSame($critical, round(StudentT::within($share, $degrees), 3));
    }

    /** Hours of sleep gained under two drugs: Student, "The Probable Error of a Mean", Biometrika 6 (1908). Welch's interval of these data as general-purpose statistics packages print it. */
    public function testTwoMeansWhoseSpreadsNeedNotBeAlike(): void
    {
        $found = MeanDifference::between([0.7, -1.6, -0.2, -1.2, -0.1, 3.4, 3.7, 0.8, 0.0, 2.0], [1.9, 0.8, 1.1, 0.1, -0.1, 4.4, 5.5, 1.6, 4.6, 3.4], 0.95);
        self::assertNotNull($found);
        self::assertEqualsWithDelta([-1.58, -3.3654832, 0.2054832], [$found->value, $found->low, $found->high], 5e-8);
        self::assertTrue($found->holds(0.0));
        self::assertNull(MeanDifference::between([1.0], [1.0, 2.0], 0.95));
        self::assertNull(MeanDifference::between([1.0, 1.0], [2.0, 2.0], 0.95), 'neither varies');
    }

    /** NIST Statistical Reference Datasets, linear regression, Norris: certified slope 1.00211681802045, standard deviation 0.000429796848199937. */
    public function testTheSlopeOfACertifiedDataset(): void
    {
        $y = [0.1, 338.8, 118.1, 888.0, 9.2, 228.1, 668.5, 998.5, 449.1, 778.9, 559.2, 0.3, 0.1, 778.1, 668.8, 339.3, 448.9, 10.8, 557.7, 228.3, 998.0, 888.8, 119.6, 0.3, 0.6, 557.6, 339.3, 888.0, 998.5, 778.9, 10.2, 117.6, 228.9, 668.4, 449.2, 0.2];
        $x = [0.2, 337.4, 118.2, 884.6, 10.1, 226.5, 666.3, 996.3, 448.6, 777.0, 558.2, 0.4, 0.6, 775.5, 666.9, 338.0, 447.5, 11.6, 556.0, 228.1, 995.8, 887.6, 120.2, 0.3, 0.3, 556.8, 339.1, 887.2, 999.0, 779.0, 11.1, 118.3, 229.2, 669.1, 448.9, 0.5];
        $slope = Line::slope($x, $y, 0.95);
        self::assertNotNull($slope);
        self::assertEqualsWithDelta(1.00211681802045, $slope->value, 1e-13);
        self::assertEqualsWithDelta(0.000429796848199937, ($slope->high - $slope->value) / StudentT::within(0.95, 34), 1e-14);
        self::assertNull(Line::slope([1.0, 1.0, 1.0], [1.0, 2.0, 3.0], 0.95));
        self::assertNull(Line::slope([1.0, 2.0], [1.0, 2.0], 0.95));
    }

    public function testAHardDayDoesNotLookLikeAWave(): void
    {
        // All of wave 2 cut on the hard day; within each class the waves are alike.
        $trays = [];
        foreach (range(0, 9) as $number) {
            $trays[] = self::tray('easy', 80 + $number % 2, ['wave' => $number < 8 ? '1' : '2']);
            $trays[] = self::tray('hard', 60 + $number % 2, ['wave' => $number < 2 ? '1' : '2']);
        }
        $found = (new Fairness($trays))->differences(Factor::Wave);
        self::assertSame([['1', 10, 10, false], ['2', 10, 10, false]], array_map(static fn($it): array => [$it->value, $it->trays, $it->others, $it->standsOut()], $found));
        self::assertEqualsWithDelta(0.0, $found[0]->points?->value, 1e-12);
    }

    /** In half of the classes all are in one wave: they say nothing of it, and take nothing off what the others say. */
    public function testOnlyClassesThatHaveBothAreCompared(): void
    {
        $trays = [];
        foreach (range(0, 39) as $number) {
            $wave = $number % 4 < 2 ? '1' : (string) (1 + intdiv($number, 4) % 2);
            $trays[] = self::tray($number % 4 < 2 ? "one wave $number" : 'class '.$number % 4, ($wave === '2' ? 75 : 80) + intdiv($number, 8) % 2, ['wave' => $wave]);
        }
        [, $second] = (new Fairness($trays))->differences(Factor::Wave);
        self::assertSame(['2', 10, 10], [$second->value, $second->trays, $second->others]);
        self::assertEqualsWithDelta(-5.0, $second->points?->value, 1e-9);
    }

    /** All of a class come with one delivery. */
    public function testDeliveriesAreComparedByClass(): void
    {
        $trays = [];
        foreach (range(0, 11) as $class) {
            foreach (range(0, 4) as $number) {
                $trays[] = self::tray("class $class", 70 + $number + $class % 3 - ($class < 6 ? 4 : 0), ['delivery' => $class < 6 ? 'Saltmarsh' : 'Weir']);
            }
        }
        $found = (new Fairness($trays))->differences(Factor::Delivery);
        self::assertSame([['Saltmarsh', 30, 30, true], ['Weir', 30, 30, true]], array_map(static fn($it): array => [$it->value, $it->trays, $it->others, $it->standsOut()], $found));
        self::assertEqualsWithDelta(-4.0, $found[0]->points?->value, 1e-9);
        self::assertNull((new Fairness(array_slice($trays, 10, 40)))->differences(Factor::Delivery)[0]->points, 'four classes say nothing');
    }

    public function testWhatIsTrulyThereIsFoundAndWhatIsFewIsNotSaid(): void
    {
        $random = new Randomizer(new Mt19937(20261130));
        $trays = [];
        foreach (range(1, 200) as $number) {
            $scale = $number % 4 === 0 ? 'Second tablet' : 'First tablet';
            $apMg = $random->getInt(1_500_000, 2_100_000);
            // The second tablet costs five points; heavier carcasses have less breast.
            $trays[] = self::tray('class '.$number % 10, $random->getInt(70, 80) - ($scale === 'Second tablet' ? 5 : 0), ['scale' => $scale, 'assessor' => $number <= 3 ? 'Seldom' : 'Usual'], $apMg, ['breast' => (int) round($apMg * (0.3 - 0.02 * $apMg / 1e6) + $random->getInt(-3_000, 3_000)), 'leg' => (int) round($apMg * 0.25)]);
        }
        $fairness = new Fairness($trays);
        $found = array_column(array_map(static fn($it): array => [$it->value, $it], $fairness->differences(Factor::Scale)), 1, 0);
        self::assertTrue($found['Second tablet']->standsOut());
        self::assertTrue($found['Second tablet']->points?->holds(-5.0));
        self::assertEqualsWithDelta(-(float) $found['Second tablet']->points->value, $found['First tablet']->points?->value, 1e-9);
        $seldom = $fairness->differences(Factor::Assessor)[0];
        self::assertSame(['Seldom', 3, null, false], [$seldom->value, $seldom->trays, $seldom->points, $seldom->standsOut()]);
        self::assertSame([], $fairness->differences(Factor::Delivery), 'nothing is known of it');
        $breast = $fairness->pieceBySize('breast');
        self::assertTrue($breast->standsOut());
        self::assertTrue($breast->perKg?->holds(-0.02));
        self::assertFalse($fairness->pieceBySize('leg')->standsOut(), 'rounding to the milligram is no effect');
        self::assertFalse($fairness->bySize()->standsOut());
        self::assertNull($fairness->pieceBySize('wing')->perKg);
    }

    /** Of differences that are not there about one in twenty is said to stand out: that is what 95 % means. */
    public function testChanceAloneStandsOutAboutOneTimeInTwenty(): void
    {
        $random = new Randomizer(new Mt19937(7));
        $count = 0;
        for ($run = 0; $run < 400; $run++) {
            $trays = array_map(static fn(int $it): FactorTray => self::tray('class', 70 + array_sum(array_map(static fn(): int => $random->getInt(-10, 10), range(1, 4))), ['wave' => (string) (1 + $it % 2)]), range(1, 24));
            $count += (new Fairness($trays))->differences(Factor::Wave)[0]->standsOut() ? 1 : 0;
        }
        self::assertGreaterThan(8, $count);
        self::assertLessThan(36, $count);
    }

    /**
     * @param array<string, string> $values by factor
     * @param array<string, int>    $masses
     */
    private static function tray(string $class, float $total, array $values, int $apMg = 1_800_000, array $masses = []): FactorTray
    {
        return new FactorTray($class, $total, array_map(static fn(string $it): array => [$it], $values), $apMg, $masses);
    }
}
