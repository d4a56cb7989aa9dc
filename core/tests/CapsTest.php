<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Grading\AttemptResult;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Package\Assessment;
use DeftBlade\Core\Tests\Support\Package;
use DeftBlade\Core\Tests\Support\Refused;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What a cap does to a total, and what is said of it. */
final class CapsTest extends TestCase
{
    private const MOST = ['critical' => 59, 'resit' => 64, 'over_limit' => 71];

    /** @param list<string> $causes */
    #[DataProvider('causes')]
    public function testTheLowestCapInForceHoldsAndEachIsSaidWithItsOwnFigure(array $causes): void
    {
        $result = self::graded($causes);
        $said = array_values(array_filter($result->remarks, static fn(Message $it): bool => $it->code === MessageCode::Capped));
        self::assertSame(array_intersect_key(self::MOST, array_flip($causes)), array_map(intval(...), array_column(array_map(static fn(Message $it): array => $it->figures, $said), 'max', 'cause')));
        self::assertEqualsWithDelta(min([100, ...array_column(array_map(static fn(string $it): array => [self::MOST[$it]], $causes), 0)]), $result->grade->total, 1e-9);
        self::assertEqualsWithDelta(100, $result->grade->uncapped, 1e-9);
        self::assertSame($result->grade->total, $result->grade->held());
    }

    /** @return \Generator<string, array{list<string>}> */
    public static function causes(): \Generator
    {
        foreach ([[], ['critical'], ['resit'], ['over_limit'], ['critical', 'resit'], ['critical', 'over_limit'], ['resit', 'over_limit'], ['critical', 'resit', 'over_limit']] as $causes) {
            yield $causes === [] ? 'none' : implode(' and ', $causes) => [$causes];
        }
    }

    public function testACapLiftsNobody(): void
    {
        $result = self::graded(['resit'], ['joints' => 2]);
        self::assertEqualsWithDelta([50.0, 50.0, 50.0], [$result->grade->uncapped, $result->grade->total, $result->grade->held()], 1e-9);
    }

    /** Half of four steps is 50, three of them 75: Pass from 60, Merit from 70. */
    #[TestWith([[], 3, 5.0, false])]
    #[TestWith([[], 3, 5.1, true])]
    #[TestWith([['resit'], 3, 5.1, false])]
    #[TestWith([['resit'], 3, 15.1, true])]
    #[TestWith([['over_limit'], 3, 5.1, true])]
    #[TestWith([[], 2, 9.9, false])]
    #[TestWith([[], 2, 10.1, true])]
    #[TestWith([['critical'], 2, 10.1, false])]
    public function testABandThatACapBarsIsNotNear(array $causes, int $level, float $points, bool $isNear): void
    {
        [$grade, $policy] = [self::graded($causes, ['joints' => $level])->grade, Assessment::read(Node::of(self::package()->document))->policy];
        self::assertSame($isNear, $grade->isNearABand($points, $policy));
    }

    public function testNothingThatCountsIsNoTotalAndNearNothing(): void
    {
        $package = Package::plain('frame')->with(static fn(\stdClass $it) => $it->standard->frame = null)->attempt('a', ['ap' => 1800], ['resit' => true]);
        $read = Assessment::read(Node::of($package->document));
        $grade = $read->grade()->attempts[0]->grade;
        self::assertSame([null, null, null, null], [$grade->uncapped, $grade->total, $grade->band, $grade->held()]);
        self::assertSame([false, ['resit']], [$grade->isNearABand(50, $read->policy), array_map(static fn($it): string => $it->value, $grade->caps)]);
    }

    #[TestWith([100.1])]
    #[TestWith([-0.1])]
    public function testACapIsAShareOfHundred(float $max): void
    {
        $package = self::package()->with(static fn(\stdClass $it) => $it->policy->caps[0]->max = $max);
        self::assertStringStartsWith('policy.caps[0].max: ', Refused::when(static fn(): Assessment => Assessment::read(Node::of($package->document))));
        self::package()->with(static fn(\stdClass $it) => $it->policy->caps[0]->max = 100)->grade();
    }

    /**
     * @param list<string>       $causes
     * @param array<string, int> $levels
     */
    private static function graded(array $causes, array $levels = ['joints' => 4]): AttemptResult
    {
        $package = self::package()->attempt('a', [
            'ap' => 1800,
            'levels' => $levels,
            'faults' => in_array('critical', $causes, true) ? ['chip'] : [],
            'clock' => [0 => 'start', in_array('over_limit', $causes, true) ? 1_801 : 900 => 'stop'],
        ], ['resit' => in_array('resit', $causes, true)]);

        return Assessment::read(Node::of($package->document))->grade()->attempts[0];
    }

    private static function package(): Package
    {
        return Package::plain('technique')->with(static function (\stdClass $it): void {
            $it->standard->criteria = [(object) ['id' => 'joints', 'component' => 'technique', 'weight' => 1, 'levels' => array_map(static fn(int $points): \stdClass => (object) ['points' => $points, 'text' => "step $points"], range(0, 4))]];
            $it->standard->faults = [(object) ['id' => 'chip', 'component' => 'technique', 'deduct' => 0, 'max' => 0, 'critical' => true]];
            $it->policy->caps = array_map(static fn(string $cause, int $max): \stdClass => (object) ['when' => $cause, 'max' => $max], array_keys(self::MOST), self::MOST);
        });
    }
}
