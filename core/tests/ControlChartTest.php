<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Trends\ControlChart;
use DeftBlade\Core\Trends\Measure;
use PHPUnit\Framework\TestCase;

/** Whether a class is like the last ones. */
final class ControlChartTest extends TestCase
{
    /** NIST/SEMATECH e-Handbook of Statistical Methods, 6.3.2.2: ten flow rates, their mean range 1.8778, limits 55.8041 and 45.8159. */
    public function testTheFlowRatesOfTheHandbook(): void
    {
        $answer = (new ControlChart([49.6, 47.6, 49.9, 51.3, 47.8, 51.2, 52.6, 52.4, 53.6, 52.1]))->answer();
        self::assertSame([50.81, 1.8778, 55.8041, 45.8159, []], [round($answer['mean'], 2), round($answer['mr_bar'], 4), round($answer['upper'], 4), round($answer['lower'], 4), $answer['signals']]);
    }

    public function testAClassBeyondALimitIsASignal(): void
    {
        // The mean range is 155/11, the mean 63.75: 110 is 46.25 above it, the limit 37.48.
        $values = [55, 65, 55, 65, 55, 65, 55, 65, 55, 65, 55, 110];
        self::assertSame([['index' => 11, 'rule' => 'beyond']], self::signals($values));
        self::assertSame([['index' => 11, 'rule' => 'beyond']], self::signals(array_map(static fn(int $it): int => -$it, $values)), 'below as above');
    }

    public function testTheEighthInARowAndEveryFurtherOneIsASignal(): void
    {
        $run = static fn(int $above): array => self::signals(array_map(static fn(int $it): int => ($it < $above ? 70 : 50) + ($it % 2 === 0 ? 4 : -4), range(0, 19)));
        // Seven above are none; the thirteen below them are from the eighth on.
        self::assertSame(range(14, 19), array_column($run(7), 'index'));
        self::assertSame(['run'], array_values(array_unique(array_column($run(7), 'rule'))));
        self::assertSame([7, 8, 9, 17, 18, 19], array_column($run(10), 'index'));
    }

    public function testALimitLiesWhereAMeanCanLie(): void
    {
        // A mean of 20 and a mean range of 20: the limits are 20 − 53.2 and 20 + 53.2.
        $limits = (new ControlChart([10.0, 30.0]))->limits();
        $within = static fn(Measure $it): array => [round($limits->within($it->least(), $it->most())->lower, 1), round($limits->within($it->least(), $it->most())->upper, 1)];
        self::assertSame([[0.0, 73.2], [0.0, 73.2], [-33.2, 1.0]], array_map($within, [Measure::Total, Measure::Scrape, Measure::Loss]));
        $good = (new ControlChart([90.0, 98.0]))->limits();
        self::assertSame([100.0, 1.0], [$good->within(Measure::Total->least(), Measure::Total->most())->upper, $good->within(0.0, Measure::PortionYield->most())->upper]);
    }

    public function testAValueOnTheMeanEndsARun(): void
    {
        $broken = [66, 74, 66, 74, 66, 74, 70, 60, 50, 46, 54, 46, 54, 46, 54];
        self::assertSame([], self::signals($broken));
        self::assertSame([], self::signals(array_fill(0, 20, 60)), 'nothing differs from anything');
    }

    /**
     * @param list<int> $values
     *
     * @return list<array{index: int, rule: string}>
     */
    private static function signals(array $values): array
    {
        return (new ControlChart(array_map(floatval(...), $values)))->answer()['signals'];
    }
}
