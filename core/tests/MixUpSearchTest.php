<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Balance\BalancedTray;
use DeftBlade\Core\Balance\BalanceState;
use DeftBlade\Core\Balance\MixUp;
use DeftBlade\Core\Balance\MixUpKind;
use DeftBlade\Core\Balance\MixUpSearch;
use PHPUnit\Framework\TestCase;

/** The search for mixed-up trays against every pair of trays, looked at one by one. */
final class MixUpSearchTest extends TestCase
{
    private const PIECES = ['breast', 'thigh', 'drumstick', 'wing'];

    public function testFindsWhatLookingAtEveryPairFinds(): void
    {
        mt_srand(20_261_131);
        $found = 0;
        for ($round = 0; $round < 300; $round++) {
            $trays = array_map(static fn(int $number): BalancedTray => self::tray("a$number"), range(1, mt_rand(2, 16)));
            $said = self::sorted(array_map(self::words(...), MixUpSearch::among($trays)));
            self::assertSame(self::sorted(self::byEveryPair($trays)), $said);
            $found += count($said);
        }
        self::assertGreaterThan(500, $found, 'there was something to find');
    }

    public function testTheLeastLeftUnaccountedComesFirst(): void
    {
        mt_srand(20_261_132);
        for ($round = 0; $round < 100; $round++) {
            $left = array_map(static fn(MixUp $it): int => $it->leftMg, MixUpSearch::among(array_map(static fn(int $number): BalancedTray => self::tray("a$number"), range(1, 12))));
            $sorted = $left;
            sort($sorted);
            self::assertSame($sorted, $left);
        }
    }

    /** Two trays that balanced until one of their pieces was weighed on the other's line. */
    public function testAnExchangedPieceIsAmongWhatIsFound(): void
    {
        mt_srand(20_261_133);
        for ($round = 0; $round < 200; $round++) {
            $piece = self::PIECES[mt_rand(0, 3)];
            [$one, $other] = [self::masses(), self::masses()];
            $one[$piece] = $other[$piece] + mt_rand(60_000, 120_000);
            $moved = $one[$piece] - $other[$piece];
            [$offOne, $offOther] = [mt_rand(-20_000, 20_000), mt_rand(-20_000, 20_000)];
            $trays = [
                // The lighter piece lies on the first line: too little came off it, and too much off the other.
                self::balanced('first', $offOne + $moved, [$piece => $other[$piece]] + $one),
                self::balanced('second', $offOther - $moved, [$piece => $one[$piece]] + $other),
            ];
            $swaps = array_filter(MixUpSearch::among($trays), static fn(MixUp $it): bool => $it->kind === MixUpKind::Swap && $it->piece === $piece);
            self::assertCount(1, $swaps);
            $swap = array_values($swaps)[0];
            self::assertSame(['second', 'first', abs($offOne) + abs($offOther)], [$swap->over, $swap->short, $swap->leftMg]);
        }
    }

    public function testWhereAllBalanceOrNothingIsOverThereIsNothingToFind(): void
    {
        self::assertSame([], MixUpSearch::among([]));
        self::assertSame([], MixUpSearch::among([self::balanced('a', 0, self::masses()), self::balanced('b', 26_000, self::masses())]));
        self::assertSame([], MixUpSearch::among([self::balanced('a', 90_000, self::masses()), self::balanced('b', 91_000, self::masses())]));
        $open = new BalancedTray('c', BalanceState::Open, -90_000, 27_000, self::masses());
        self::assertSame([], MixUpSearch::among([self::balanced('a', 90_000, self::masses()), $open]));
    }

    /**
     * @param list<BalancedTray> $trays
     *
     * @return list<string>
     */
    private static function byEveryPair(array $trays): array
    {
        $found = [];
        foreach ($trays as $over) {
            foreach ($trays as $short) {
                if ($over->state !== BalanceState::Over || $short->state !== BalanceState::Short) {
                    continue;
                }
                foreach (array_keys(array_intersect_key($over->pieces, $short->pieces)) as $piece) {
                    $moved = $over->pieces[$piece] - $short->pieces[$piece];
                    [$here, $there] = [abs($over->unaccountedMg + $moved), abs($short->unaccountedMg - $moved)];
                    if ($here <= $over->toleranceMg && $there <= $short->toleranceMg) {
                        $found[] = "swap of $piece, {$over->attempt} and {$short->attempt}, ".($here + $there);
                    }
                }
                $left = abs($over->unaccountedMg + $short->unaccountedMg);
                if ($left <= max($over->toleranceMg, $short->toleranceMg)) {
                    $found[] = "spill, {$over->attempt} and {$short->attempt}, $left";
                }
            }
        }

        return $found;
    }

    private static function words(MixUp $it): string
    {
        return ($it->kind === MixUpKind::Swap ? "swap of {$it->piece}" : 'spill').", {$it->over} and {$it->short}, {$it->leftMg}";
    }

    /**
     * @param list<string> $lines
     *
     * @return list<string>
     */
    private static function sorted(array $lines): array
    {
        sort($lines);

        return $lines;
    }

    private static function tray(string $attempt): BalancedTray
    {
        $masses = self::masses();
        if (mt_rand(0, 5) === 0) {
            unset($masses[self::PIECES[mt_rand(0, 3)]]);
        }

        return self::balanced($attempt, mt_rand(-150_000, 150_000), $masses, mt_rand(15_000, 60_000));
    }

    /** @param array<string, int> $masses */
    private static function balanced(string $attempt, int $unaccountedMg, array $masses, int $toleranceMg = 27_000): BalancedTray
    {
        $state = match (true) {
            $unaccountedMg > $toleranceMg => BalanceState::Short,
            $unaccountedMg < -$toleranceMg => BalanceState::Over,
            default => BalanceState::Balanced,
        };

        return new BalancedTray($attempt, $state, $unaccountedMg, $toleranceMg, $masses);
    }

    /** @return array<string, int> mg */
    private static function masses(): array
    {
        return array_combine(self::PIECES, array_map(static fn(): int => mt_rand(80_000, 330_000), self::PIECES));
    }
}
