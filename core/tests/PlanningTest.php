<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Planning\Arrivals;
use DeftBlade\Core\Planning\Chance;
use DeftBlade\Core\Planning\ErlangC;
use DeftBlade\Core\Planning\Order;
use DeftBlade\Core\Planning\Queue;
use DeftBlade\Core\Planning\ServiceShape;
use DeftBlade\Core\Planning\ServiceTime;
use DeftBlade\Core\Tests\Support\Refused;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What to buy, and how the hour at the scale goes. */
final class PlanningTest extends TestCase
{
    /** Worked by hand; whole cases and spares are common practice. */
    public function testOrdersWholeCasesWithSparesAndSaysWhatTheyCost(): void
    {
        $answer = self::order([
            ['id' => 'chicken', 'students' => 12, 'spare' => ['fraction' => 0.1, 'at_least' => 1], 'on_hand' => 1, 'per_case' => 6, 'typical_mg' => 1_850_000, 'price' => ['per' => 'kg', 'minor' => 495]],
            ['id' => 'trout', 'students' => 7, 'per_case' => 4, 'typical_mg' => 900_000, 'price' => ['per' => 'each', 'minor' => 1333]],
        ]);
        // 12 and two to spare, one there: 13, so three cases of six: 18 × 1.85 kg = 33.3 kg at 4.95.
        self::assertSame(['id' => 'chicken', 'needed' => 14, 'to_buy' => 13, 'cases' => 3, 'ordered' => 18, 'mass_mg' => 33_300_000, 'cost_minor' => 16_484, 'cost_per_student_minor' => 1_374, 'thaw_from' => null], $answer['lines'][0]);
        self::assertSame([7, 2, 8, 10_664, 1_523], [$answer['lines'][1]['needed'], $answer['lines'][1]['cases'], $answer['lines'][1]['ordered'], $answer['lines'][1]['cost_minor'], $answer['lines'][1]['cost_per_student_minor']]);
        // 16 483.5 and 10 664: the total is rounded once, from what was not rounded.
        self::assertSame(['mass_mg' => 40_500_000, 'cost_minor' => 27_148], $answer['total']);
    }

    #[TestWith([20, 0.05, 0, 21])]
    #[TestWith([20, 0.051, 0, 22])]
    #[TestWith([24, 0.0, 0, 24])]
    #[TestWith([24, 0.0, 2, 26])]
    #[TestWith([30, 0.1, 2, 33])]
    #[TestWith([0, 0.5, 0, 0])]
    public function testSparesAreAShareInWholeCarcassesOrAtLeastSoMany(int $students, float $fraction, int $atLeast, int $needed): void
    {
        $line = self::order([['students' => $students, 'spare' => ['fraction' => $fraction, 'at_least' => $atLeast]]])['lines'][0];
        self::assertSame($needed, $line['needed']);
        self::assertSame($students === 0, $line['cost_per_student_minor'] === null);
    }

    public function testNothingIsBoughtThatIsThere(): void
    {
        $line = self::order([['students' => 5, 'on_hand' => 9, 'per_case' => 6]])['lines'][0];
        self::assertSame([5, 0, 0, 0, 0, 0], [$line['needed'], $line['to_buy'], $line['cases'], $line['ordered'], $line['mass_mg'], $line['cost_minor']]);
    }

    /**
     * USDA, Food Safety and Inspection Service, "Turkey Basics: Safe Thawing", whole turkeys in the refrigerator: 4 to 12 pounds 1 to 3 days, 12 to 16 pounds
     * 3 to 4 days, 16 to 20 pounds 4 to 5 days, 20 to 24 pounds 5 to 6 days.
     */
    #[TestWith([4.0, 1, 3])]
    #[TestWith([11.9, 1, 3])]
    #[TestWith([15.9, 3, 4])]
    #[TestWith([19.8, 4, 5])]
    #[TestWith([24.0, 5, 6])]
    public function testFrozenOnesAreTakenOutInTime(float $pounds, int $leastDays, int $mostDays): void
    {
        $line = self::order([['typical_mg' => (int) ($pounds * 453_592.37), 'frozen' => true, 'needed_at' => '2026-03-06T08:00:00+01:00']])['lines'][0];
        $days = (strtotime('2026-03-06T08:00:00+01:00') - strtotime($line['thaw_from'])) / 86_400;
        self::assertGreaterThanOrEqual($leastDays, $days);
        self::assertLessThanOrEqual($mostDays, $days);
        self::assertStringEndsWith('T08:00:00+01:00', $line['thaw_from']);
    }

    public function testAnOrderNamesALineOnce(): void
    {
        self::assertSame('lines[1].id: line is also the id of an earlier one', Refused::when(static fn(): array => self::order([[], []])));
    }

    /** Worked by hand: one scale, 150 s a tray. */
    public function testFirstComeFirstServed(): void
    {
        $answer = (new Queue(1, Arrivals::at([120, 0, 60, 600]), new ServiceTime(150, 0, ServiceShape::Fixed), 3, 1))->answer();
        // Taken at 0, 150, 300, 600: waits 0, 90, 180, 0; the last is done at 750 of which 600 s were weighing.
        self::assertEqualsWithDelta(67.5, $answer['mean_wait_s'], 1e-9);
        // Twelve waits, thrice each of 0, 0, 90, 180: the 95th percentile lies between the eleventh and the twelfth.
        self::assertEqualsWithDelta(180, $answer['p95_wait_s'], 1e-9);
        self::assertSame(['mean' => 750.0, 'p95' => 750.0], $answer['last_done_s']);
        self::assertEqualsWithDelta(0.8, $answer['utilisation'], 1e-9);
        self::assertNull($answer['erlang_c']);
    }

    public function testASecondScaleTakesTheNextTray(): void
    {
        $answer = (new Queue(2, Arrivals::at([0, 0, 0, 100]), new ServiceTime(100, 0, ServiceShape::Fixed), 1, 1))->answer();
        // Two at once, the third at 100 beside the one that comes then.
        self::assertEqualsWithDelta(25, $answer['mean_wait_s'], 1e-9);
        self::assertSame(200.0, $answer['last_done_s']['mean']);
        self::assertEqualsWithDelta(1, $answer['utilisation'], 1e-9);
    }

    public function testWithoutATrayNothingCanBeSaid(): void
    {
        self::assertSame(['mean_wait_s' => null, 'p95_wait_s' => null, 'last_done_s' => ['mean' => null, 'p95' => null], 'utilisation' => null, 'erlang_c' => null], (new Queue(1, Arrivals::at([]), new ServiceTime(1, 0, ServiceShape::Fixed), 2, 1))->answer());
    }

    public function testTheSameSeedGivesTheSameFigures(): void
    {
        $ask = static fn(int $seed): array => (new Queue(2, Arrivals::atRandom(40, 24), new ServiceTime(150, 0.4, ServiceShape::Lognormal), 50, $seed))->answer();
        self::assertSame($ask(7), $ask(7));
        self::assertNotSame($ask(7), $ask(8));
    }

    /** Closed forms of the C formula (Erlang 1917): ρ for one server, 2ρ²/(1 + ρ) for two, and 4/9 for three at a load of two. */
    #[TestWith([1, 0.6, 0.6])]
    #[TestWith([2, 1.0, 1 / 3])]
    #[TestWith([2, 1.5, 2 * 0.75 ** 2 / 1.75])]
    #[TestWith([3, 2.0, 4 / 9])]
    public function testErlangC(int $scales, float $load, float $waits): void
    {
        $known = ErlangC::of($scales, $load, 90) ?? self::fail('the queue is stable');
        self::assertEqualsWithDelta($waits, $known->waitProbability, 1e-12);
        self::assertEqualsWithDelta($waits * 90 / ($scales - $load), $known->meanWaitS, 1e-9);
        self::assertNull(ErlangC::of($scales, $scales, 90));
    }

    /** By its definition, with the factorials written out. */
    public function testErlangCIsItsSum(): void
    {
        foreach ([[4, 3.1], [7, 2.0], [12, 11.5]] as [$scales, $load]) {
            $term = static fn(int $k): float => $load ** $k / array_product(range(1, max(1, $k)));
            $last = $term($scales) * $scales / ($scales - $load);
            self::assertEqualsWithDelta($last / (array_sum(array_map($term, range(0, $scales - 1))) + $last), ErlangC::of($scales, $load, 1)?->waitProbability, 1e-12);
        }
    }

    /**
     * The simulation against what is known exactly of long runs: Erlang's C for exponential service, and the mean wait of Pollaczek (1930) and
     * Khinchine (1932), ρ·mean·(1 + cv²)/(2(1 − ρ)), for one scale and any service. Runs start empty, so the simulated wait is a little short.
     *
     * @param float $expected seconds
     */
    #[DataProvider('longRuns')]
    public function testTheSimulationGoesAsTheoryDoes(int $scales, ServiceTime $service, float $perHour, float $expected): void
    {
        $answer = (new Queue($scales, Arrivals::atRandom($perHour, 2_000), $service, 150, 11))->answer();
        self::assertEqualsWithDelta($expected, $answer['mean_wait_s'], 0.05 * $expected);
        self::assertEqualsWithDelta($perHour / 3600 * $service->meanS / $scales, $answer['utilisation'], 0.02);
    }

    /** @return iterable<string, array{int, ServiceTime, float, float}> */
    public static function longRuns(): iterable
    {
        $wait = static fn(int $scales, float $perHour, float $meanS): float => ErlangC::of($scales, $perHour / 3600 * $meanS, $meanS)->meanWaitS ?? 0;
        $oneScale = static fn(float $perHour, float $meanS, float $cv): float => $perHour / 3600 * $meanS * $meanS * (1 + $cv ** 2) / (2 * (1 - $perHour / 3600 * $meanS));
        yield 'one scale, exponential' => [1, new ServiceTime(120, 1, ServiceShape::Exponential), 18, $wait(1, 18, 120)];
        yield 'two scales, exponential' => [2, new ServiceTime(150, 1, ServiceShape::Exponential), 33, $wait(2, 33, 150)];
        yield 'one scale, fixed' => [1, new ServiceTime(120, 0, ServiceShape::Fixed), 20, $oneScale(20, 120, 0)];
        yield 'one scale, lognormal' => [1, new ServiceTime(120, 0.5, ServiceShape::Lognormal), 20, $oneScale(20, 120, 0.5)];
    }

    public function testALognormalServiceHasItsMeanAndSpread(): void
    {
        $service = new ServiceTime(150, 0.4, ServiceShape::Lognormal);
        $chance = new Chance(3);
        $drawn = array_map(static fn(): float => $service->draw($chance), range(1, 40_000));
        $mean = array_sum($drawn) / count($drawn);
        $sd = sqrt(array_sum(array_map(static fn(float $it): float => ($it - $mean) ** 2, $drawn)) / count($drawn));
        self::assertEqualsWithDelta(150, $mean, 1.5);
        self::assertEqualsWithDelta(0.4, $sd / $mean, 0.01);
    }

    #[TestWith([['arrivals_s' => [1], 'poisson' => ['per_hour' => 1, 'count' => 1]], '$: has either arrivals_s or poisson'])]
    #[TestWith([['arrivals_s' => null], 'arrivals_s: must be a list, not null'])]
    #[TestWith([['poisson' => ['per_hour' => 20, 'count' => 2_000], 'runs' => 10_000], 'runs: is more than 1 000'])]
    #[TestWith([['arrivals_s' => [1], 'scales' => 0], 'scales: 0 is outside 1 to 20'])]
    public function testAQueueThatCannotBeIsRefused(array $of, string $why): void
    {
        $document = json_decode((string) json_encode($of + ['format' => 'deft-blade.queue/1', 'scales' => 1, 'service' => ['mean_s' => 1, 'cv' => 0, 'shape' => 'fixed'], 'runs' => 1, 'seed' => 1]));
        self::assertSame($why, Refused::when(static fn(): Queue => Queue::read(Node::of($document))));
    }

    /**
     * @param list<array<string, mixed>> $lines what is not said is one chicken a student, fresh
     *
     * @return array{lines: list<array<string, mixed>>, total: array<string, int>}
     */
    private static function order(array $lines): array
    {
        $usual = [
            'id' => 'line', 'students' => 1, 'spare' => ['fraction' => 0, 'at_least' => 0], 'on_hand' => 0, 'per_case' => 1, 'typical_mg' => 1_800_000,
            'price' => ['per' => 'kg', 'minor' => 500], 'frozen' => false, 'needed_at' => '2026-03-02T08:00:00+01:00',
        ];
        $document = ['format' => 'deft-blade.order/1', 'money' => ['currency' => 'EUR', 'exponent' => 2], 'lines' => array_map(static fn(array $it): array => $it + $usual, $lines)];
        /** @var array{lines: list<array<string, mixed>>, total: array<string, int>} $answer */
        $answer = Order::read(Node::of(json_decode((string) json_encode($document))))->answer();

        return $answer;
    }
}
