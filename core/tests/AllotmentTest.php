<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Lots\Allotment;
use DeftBlade\Core\Lots\Need;
use DeftBlade\Core\Lots\NeedMet;
use DeftBlade\Core\Lots\ProductName;
use DeftBlade\Core\Lots\Stored;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Needs of the coming days from what is on hand: first expired, first out (common practice), and never more than there is. */
final class AllotmentTest extends TestCase
{
    public function testTheEarliestNeedTakesWhatMustGoFirst(): void
    {
        $lots = [self::lot('friday', 900, 6), self::lot('frozen', 5_000, null), self::lot('wednesday', 1_000, 4)];
        $allotment = Allotment::of([self::need('dinner', 5, 1_500), self::need('lunch', 3, 400)], $lots);
        self::assertSame([['lunch', ['wednesday' => 400], 0], ['dinner', ['friday' => 900, 'frozen' => 600], 0]], self::told($allotment), 'what must be gone on Wednesday is no good on Thursday');
        self::assertSame(['wednesday' => 600, 'frozen' => 4_400], array_column(array_map(static fn(Stored $it): array => [$it->lot, $it->massMg], $allotment->left), 1, 0));
    }

    public function testALotIsGoodOnItsLastDayAndNotAfterIt(): void
    {
        $on = static fn(int $day): array => self::told(Allotment::of([self::need('n', $day, 100)], [self::lot('l', 100, 4)]))[0];
        self::assertSame([['n', ['l' => 100], 0], ['n', [], 100]], [$on(4), $on(5)]);
    }

    public function testBonelessThighsAreNotThighs(): void
    {
        $boneless = new ProductName('chicken', 'thigh', 'Boneless thigh');
        $allotment = Allotment::of([new Need('n', $boneless, self::day(3), 100)], [self::lot('l', 100, 4), new Stored('b', $boneless, 60, self::day(4))]);
        self::assertSame([['n', ['b' => 60], 40]], self::told($allotment));
    }

    public function testWhatIsServedAlreadyAsksForNothing(): void
    {
        self::assertSame([['n', [], 0]], self::told(Allotment::of([self::need('n', 3, 0)], [self::lot('l', 100, 4)])));
    }

    /** Held against a search of every way to share out lots of a few grams: no other way meets more. */
    public function testNoOtherWayMeetsMore(): void
    {
        $random = new Randomizer(new Mt19937(20261126));
        for ($run = 0; $run < 400; $run++) {
            $lots = array_map(static fn(int $it): Stored => self::lot("l$it", $random->getInt(0, 3), $random->getInt(0, 4) === 0 ? null : $random->getInt(1, 5)), range(1, $random->getInt(1, 4)));
            $needs = array_map(static fn(int $it): Need => self::need("n$it", $random->getInt(1, 5), $random->getInt(0, 4)), range(1, $random->getInt(1, 3)));
            $allotment = Allotment::of($needs, $lots);
            $met = array_sum(array_map(static fn(NeedMet $it): int => array_sum($it->takenMg), $allotment->needs));
            self::assertSame(self::most($needs, $lots), $met);
            self::assertSame(array_sum(array_map(static fn(Stored $it): int => $it->massMg, $lots)), $met + array_sum(array_map(static fn(Stored $it): int => $it->massMg, $allotment->left)));
            foreach ($allotment->needs as $it) {
                self::assertSame($it->need->massMg, array_sum($it->takenMg) + $it->shortMg);
            }
        }
    }

    /**
     * The most that can be met, gram by gram: each gram of a lot goes to one of the needs it is good for, or to none.
     *
     * @param list<Need>   $needs
     * @param list<Stored> $lots
     */
    private static function most(array $needs, array $lots): int
    {
        $grams = [];
        foreach ($lots as $lot) {
            array_push($grams, ...array_fill(0, $lot->massMg, $lot));
        }
        $best = static function (int $index, array $missing) use (&$best, $grams, $needs): int {
            if (! isset($grams[$index])) {
                return 0;
            }
            $most = $best($index + 1, $missing);
            foreach ($needs as $which => $need) {
                if ($missing[$which] > 0 && ($grams[$index]->useBy === null || $grams[$index]->useBy >= $need->on)) {
                    $most = max($most, 1 + $best($index + 1, [$which => $missing[$which] - 1] + $missing));
                }
            }

            return $most;
        };

        return $best(0, array_map(static fn(Need $it): int => $it->massMg, $needs));
    }

    /** @return list<array{string, array<string, int>, int}> */
    private static function told(Allotment $allotment): array
    {
        return array_map(static fn(NeedMet $it): array => [$it->need->id, $it->takenMg, $it->shortMg], $allotment->needs);
    }

    private static function lot(string $id, int $massMg, ?int $useBy): Stored
    {
        return new Stored($id, new ProductName('chicken', 'thigh', 'Thigh'), $massMg, $useBy === null ? null : self::day($useBy));
    }

    private static function need(string $id, int $day, int $massMg): Need
    {
        return new Need($id, new ProductName('chicken', 'thigh', 'Thigh'), self::day($day), $massMg);
    }

    private static function day(int $day): \DateTimeImmutable
    {
        return new \DateTimeImmutable("2026-03-0$day");
    }
}
