<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Ledger\DateMark;
use DeftBlade\Core\Tests\Support\Refused;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** When something made here must be gone (FDA Food Code 2022, 3-501.17: seven days at 5 °C, the day of preparation is day 1, days in the freezer do not count). */
final class DateMarkTest extends TestCase
{
    /** @param list<array{string, string}> $frozen */
    #[DataProvider('days')]
    public function testCountsDays(string $made, int $days, array $frozen, string $useBy): void
    {
        self::assertSame(['use_by' => $useBy], self::mark($made, $days, $frozen)->answer());
    }

    /** @return array<string, array{string, int, list<array{string, string}>, string}> counted on a calendar */
    public static function days(): array
    {
        return [
            'a week' => ['2026-10-01', 7, [], '2026-10-07'],
            'one day is the day itself' => ['2026-10-01', 1, [], '2026-10-01'],
            'over the end of a month' => ['2026-04-28', 7, [], '2026-05-04'],
            'over the end of a year' => ['2026-12-29', 7, [], '2027-01-04'],
            'over a leap day' => ['2028-02-26', 7, [], '2028-03-03'],
            'where there is none' => ['2027-02-26', 7, [], '2027-03-04'],
            'a century that is no leap year' => ['2100-02-26', 4, [], '2100-03-01'],
            'over a change to summer time' => ['2026-03-27', 7, [], '2026-04-02'],
            'frozen on the third day for a week' => ['2026-10-01', 7, [['2026-10-03', '2026-10-10']], '2026-10-14'],
            'frozen at once: the day it comes out is day 1' => ['2026-10-01', 7, [['2026-10-01', '2026-11-01']], '2026-11-07'],
            'frozen twice' => ['2026-10-01', 4, [['2026-10-02', '2026-10-05'], ['2026-10-06', '2026-10-20']], '2026-10-21'],
            'in any order' => ['2026-10-01', 4, [['2026-10-06', '2026-10-20'], ['2026-10-02', '2026-10-05']], '2026-10-21'],
            'frozen on its last day' => ['2026-10-01', 7, [['2026-10-07', '2026-10-17']], '2026-10-17'],
            'frozen after it should be gone' => ['2026-10-01', 7, [['2026-10-08', '2026-10-18']], '2026-10-07'],
            'in and out on one day' => ['2026-10-01', 7, [['2026-10-03', '2026-10-03']], '2026-10-07'],
            'frozen again the day it came out' => ['2026-10-01', 3, [['2026-10-02', '2026-10-05'], ['2026-10-05', '2026-10-09']], '2026-10-10'],
        ];
    }

    /** @param list<array{string, string}> $frozen */
    #[DataProvider('wrong')]
    public function testSaysWhichDayCannotBe(array $frozen, string $said): void
    {
        self::assertSame($said, Refused::orNull(static fn(): DateMark => self::mark('2026-10-05', 7, $frozen)));
    }

    /** @return array<string, array{list<array{string, string}>, string}> */
    public static function wrong(): array
    {
        return [
            'before it was made' => [[['2026-10-04', '2026-10-06']], 'frozen[0].from: must not be before 2026-10-05'],
            'out before in' => [[['2026-10-07', '2026-10-06']], 'frozen[0].to: must not be before 2026-10-07'],
            'one over another' => [[['2026-10-06', '2026-10-09'], ['2026-10-08', '2026-10-10']], 'frozen[1].from: must not be before 2026-10-09'],
            'one inside another' => [[['2026-10-07', '2026-10-08'], ['2026-10-06', '2026-10-09']], 'frozen[0].from: must not be before 2026-10-09'],
        ];
    }

    /** Against counting day by day. */
    public function testAgreesWithCountingOnACalendar(): void
    {
        mt_srand(20_261_128);
        for ($round = 0; $round < 500; $round++) {
            $made = (new \DateTimeImmutable('2026-01-01 UTC'))->modify('+'.mt_rand(0, 1_500).' days');
            [$frozen, $day] = [[], $made];
            for ($stretch = mt_rand(0, 3); $stretch > 0; $stretch--) {
                $from = $day->modify('+'.mt_rand(0, 5).' days');
                $day = $from->modify('+'.mt_rand(0, 40).' days');
                $frozen[] = [$from->format('Y-m-d'), $day->format('Y-m-d')];
            }
            $days = mt_rand(1, 12);
            $said = $made->format('Y-m-d')." keeps $days days, frozen ".json_encode($frozen, JSON_THROW_ON_ERROR);
            self::assertSame(self::counted($made, $days, $frozen), self::mark($made->format('Y-m-d'), $days, $frozen)->answer()['use_by'], $said);
        }
    }

    /** @param list<array{string, string}> $frozen */
    private static function counted(\DateTimeImmutable $made, int $days, array $frozen): string
    {
        for ($day = $made;; $day = $day->modify('+1 day')) {
            $is = $day->format('Y-m-d');
            $days -= array_filter($frozen, static fn(array $it): bool => $it[0] <= $is && $is < $it[1]) === [] ? 1 : 0;
            if ($days === 0) {
                return $is;
            }
        }
    }

    /** @param list<array{string, string}> $frozen */
    private static function mark(string $made, int $days, array $frozen): DateMark
    {
        return DateMark::read(Node::of((object) ['format' => 'deft-blade.date-mark/1', 'made' => $made, 'days' => $days, 'frozen' => array_map(static fn(array $it): \stdClass => (object) ['from' => $it[0], 'to' => $it[1]], $frozen)]));
    }
}
