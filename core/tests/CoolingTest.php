<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Ledger\Cooling;
use DeftBlade\Core\Ledger\CoolingReading;
use DeftBlade\Core\Ledger\CoolingVerdict;
use DeftBlade\Core\Tests\Support\Refused;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Cooling against the limits of the FDA Food Code 2022, 3-501.14 (A): 57 °C to 21 °C in two hours, to 5 °C in six hours in all. */
final class CoolingTest extends TestCase
{
    private const SECOND = 1_000;

    private const MINUTE = 60 * self::SECOND;

    private const HOUR = 60 * self::MINUTE;

    /** @param list<array{int, float|int}> $readings */
    #[DataProvider('limits')]
    public function testHoldsTheLimitsToTheSecond(array $readings, CoolingVerdict $verdict): void
    {
        self::assertSame($verdict, self::log($readings)->verdict());
    }

    /** @return array<string, array{list<array{int, float|int}>, CoolingVerdict}> */
    public static function limits(): array
    {
        $first = static fn(int $at): array => [[0, 57], [$at, 21]];
        $total = static fn(int $at): array => [[0, 57], [self::HOUR, 21], [$at, 5]];

        return [
            '21 °C a second before two hours' => [$first(2 * self::HOUR - self::SECOND), CoolingVerdict::Open],
            '21 °C at two hours' => [$first(2 * self::HOUR), CoolingVerdict::Open],
            '21 °C a second after two hours' => [$first(2 * self::HOUR + self::SECOND), CoolingVerdict::TooSlowFirst],
            'not at 21 °C at two hours' => [[[0, 57], [2 * self::HOUR, 21.1]], CoolingVerdict::Open],
            'not at 21 °C a second later' => [[[0, 57], [2 * self::HOUR + self::SECOND, 21.1]], CoolingVerdict::TooSlowFirst],
            '5 °C a second before six hours' => [$total(6 * self::HOUR - self::SECOND), CoolingVerdict::Within],
            '5 °C at six hours' => [$total(6 * self::HOUR), CoolingVerdict::Within],
            '5 °C a second after six hours' => [$total(6 * self::HOUR + self::SECOND), CoolingVerdict::TooSlowTotal],
            'not at 5 °C at six hours' => [[[0, 57], [self::HOUR, 21], [6 * self::HOUR, 5.1]], CoolingVerdict::Open],
            'not at 5 °C a second later' => [[[0, 57], [self::HOUR, 21], [6 * self::HOUR + self::SECOND, 5.1]], CoolingVerdict::TooSlowTotal],
            'late at 21 °C stays late, though it is cold in six hours' => [[[0, 57], [3 * self::HOUR, 21], [5 * self::HOUR, 4]], CoolingVerdict::TooSlowFirst],
            'both late is told by the first' => [[[0, 57], [3 * self::HOUR, 21], [9 * self::HOUR, 4]], CoolingVerdict::TooSlowFirst],
            'still hot' => [[[0, 92], [3 * self::HOUR, 57.1]], CoolingVerdict::Open],
            'cold from the start' => [[[0, 4]], CoolingVerdict::Within],
            'the clock begins at 57 °C, not on the stove' => [[[0, 95], [4 * self::HOUR, 57], [5 * self::HOUR, 20], [8 * self::HOUR, 5]], CoolingVerdict::Within],
            'chilled in one step of an hour' => [[[0, 57], [self::HOUR, 3]], CoolingVerdict::Within],
        ];
    }

    /** By hand, on straight lines: 97 °C to 47 °C in 50 minutes is 1 °C a minute, and so on. */
    public function testReadsBetweenTheReadings(): void
    {
        $answer = self::log([[0, 97], [50 * self::MINUTE, 47], [80 * self::MINUTE, 17], [104 * self::MINUTE, 1]])->answer();
        // 57 °C after 40 min; 21 °C at 50 + 26 min; 5 °C at 80 + 24 · 12/16 = 98 min.
        self::assertSame(['from_57_ms' => 40 * self::MINUTE, 'to_21_ms' => 36 * self::MINUTE, 'to_5_ms' => 58 * self::MINUTE, 'verdict' => 'within'], $answer);
        self::assertSame(['from_57_ms' => null, 'to_21_ms' => null, 'to_5_ms' => null, 'verdict' => 'open'], self::log([[0, 90]])->answer());
        self::assertSame(['from_57_ms' => 5, 'to_21_ms' => 0, 'to_5_ms' => null, 'verdict' => 'open'], self::log([[5, 15]])->answer());
    }

    public function testTwoReadingsOfOneMomentAndALidThatIsLiftedAreRead(): void
    {
        self::assertSame(7, self::log([[0, 60], [7, 60], [7, 50]])->answer()['from_57_ms']);
        // Warmer again for a while: what counts is when it was first as cold as that.
        self::assertSame(self::HOUR, self::log([[0, 57], [self::HOUR, 21], [2 * self::HOUR, 24], [3 * self::HOUR, 18], [4 * self::HOUR, 5]])->answer()['to_21_ms']);
    }

    public function testReadingsAreInTheOrderOfTime(): void
    {
        $refused = static fn(array $readings): ?string => Refused::orNull(static fn(): Cooling => Cooling::read(Node::of((object) ['format' => 'deft-blade.cooling/1', 'readings' => array_map(static fn(array $it): \stdClass => (object) ['at_ms' => $it[0], 'c' => $it[1]], $readings)])));
        self::assertNull($refused([[5, 60], [5, 59], [6, 58]]));
        self::assertStringStartsWith('readings[1].at_ms: ', (string) $refused([[5, 60], [4, 59]]));
        self::assertStringStartsWith('readings: ', (string) $refused([]));
        self::assertStringStartsWith('readings[0].c: ', (string) $refused([[0, 301]]));
    }

    /** Against a second way of reading it: the line walked second by second. */
    public function testAgreesWithWalkingTheLine(): void
    {
        mt_srand(20_261_127);
        for ($round = 0; $round < 300; $round++) {
            [$at, $c, $readings] = [0, (float) mt_rand(30, 95), []];
            foreach (range(1, mt_rand(1, 6)) as $_) {
                $readings[] = [$at * self::SECOND, $c];
                $at += 60 * mt_rand(1, 150);
                $c = max(-2.0, $c - mt_rand(0, 300) / 10);
            }
            $walked = self::walk($readings);
            $answer = self::log($readings)->answer();
            foreach (['from_57_ms' => 0, 'to_21_ms' => 1, 'to_5_ms' => 2] as $key => $index) {
                self::assertSame($walked[$index] === null, $answer[$key] === null, json_encode($readings, JSON_THROW_ON_ERROR));
                self::assertEqualsWithDelta($walked[$index] ?? 0, $answer[$key] ?? 0, 2 * self::SECOND);
            }
        }
    }

    /**
     * @param list<array{int, float}> $readings
     *
     * @return array{int|null, int|null, int|null} ms: when it was 57 °C, and how long after that it was 21 °C and 5 °C
     */
    private static function walk(array $readings): array
    {
        $reached = [57 => null, 21 => null, 5 => null];
        foreach ($readings as $index => [$from, $warm]) {
            [$to, $cold] = $readings[$index + 1] ?? [$from, $warm];
            for ($at = $from; $at <= $to; $at += self::SECOND) {
                $c = $to === $from ? $warm : $warm + ($cold - $warm) * ($at - $from) / ($to - $from);
                foreach ($reached as $limit => $when) {
                    $reached[$limit] = $when ?? ($c <= $limit + 1e-9 ? $at : null);
                }
            }
        }
        $since = static fn(?int $at): ?int => $at === null || $reached[57] === null ? null : $at - $reached[57];

        return [$reached[57], $since($reached[21]), $since($reached[5])];
    }

    /** @param list<array{int, float|int}> $readings */
    private static function log(array $readings): Cooling
    {
        return new Cooling(array_map(static fn(array $it): CoolingReading => new CoolingReading($it[0], (float) $it[1]), $readings) ?: self::fail('no readings'));
    }
}
