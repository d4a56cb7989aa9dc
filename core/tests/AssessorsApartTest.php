<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Agreement\AssessorPair;
use DeftBlade\Core\Agreement\AssessorsApart;
use DeftBlade\Core\Agreement\LevelPairs;
use DeftBlade\Core\Agreement\LevelTwice;
use DeftBlade\Core\Agreement\Severity;
use DeftBlade\Core\Agreement\TotalTwice;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class AssessorsApartTest extends TestCase
{
    public function testACriterionIsHeldFirstAgainstSecondWhoeverLooked(): void
    {
        $apart = new AssessorsApart([
            new LevelTwice('joint', 'marit', 3, 'teodor', 2),
            new LevelTwice('joint', 'teodor', 1, 'marit', 3),
            new LevelTwice('board', 'marit', 1, 'teodor', 1),
        ], []);
        $criteria = $apart->criteria(['board' => 2, 'hands' => 2, 'joint' => 4]);
        self::assertSame(['board', 'joint'], array_map(static fn(LevelPairs $it): string => $it->id, $criteria));
        self::assertSame([[3, 2], [1, 3]], $criteria[1]->pairs);
        self::assertSame([4, 0.0, 0.5], [$criteria[1]->levels, (float) $criteria[1]->exact(), (float) $criteria[1]->meanDifference()]);
    }

    public function testAPairIsOneWhicheverOfTheTwoLookedFirst(): void
    {
        $apart = new AssessorsApart(
            [new LevelTwice('joint', 'marit', 3, 'teodor', 2), new LevelTwice('joint', 'teodor', 1, 'marit', 3), new LevelTwice('joint', 'ilse', 0, 'marit', 0)],
            [new TotalTwice('a', 'marit', 80, 'teodor', 74), new TotalTwice('b', 'teodor', 60, 'marit', 62)],
        );
        $pairs = array_map(static fn(AssessorPair $it): array => [$it->one, $it->other, $it->levels->pairs, $it->totals], $apart->pairs());
        self::assertSame([['marit', 'teodor', [[3, 2], [3, 1]], [[80.0, 74.0], [62.0, 60.0]]], ['ilse', 'marit', [[0, 0]], []]], $pairs);
        // Teodor's less Marit's: -6 and -2; their mean is -4, their sd √8.
        self::assertEqualsWithDelta([-4.0, -4 - 1.96 * sqrt(8)], [$apart->pairs()[0]->limits()?->bias, $apart->pairs()[0]->limits()?->lower()], 1e-9);
        self::assertNull($apart->pairs()[1]->limits());
    }

    public function testThePairThatJudgedMostTogetherComesFirst(): void
    {
        $apart = new AssessorsApart([
            new LevelTwice('joint', 'ilse', 0, 'marit', 0),
            new LevelTwice('joint', 'noor', 1, 'ilse', 1),
            new LevelTwice('joint', 'teodor', 2, 'marit', 2),
            new LevelTwice('board', 'marit', 1, 'teodor', 1),
        ], [new TotalTwice('a', 'marit', 80, 'noor', 74)]);
        self::assertSame(
            [['marit', 'teodor', 2], ['ilse', 'marit', 1], ['ilse', 'noor', 1], ['marit', 'noor', 0]],
            array_map(static fn(AssessorPair $it): array => [$it->one, $it->other, count($it->levels->pairs)], $apart->pairs()),
        );
    }

    #[DataProvider('severities')]
    public function testSaysNothingOfAPersonOnFewerThanTenTrays(int $trays, ?float $difference): void
    {
        $totals = array_map(static fn(int $it): TotalTwice => new TotalTwice("$it", $it % 2 === 0 ? 'marit' : 'teodor', 70, $it % 2 === 0 ? 'teodor' : 'marit', $it % 2 === 0 ? 67 : 73), range(1, $trays));
        $severities = array_map(static fn(Severity $it): array => [$it->person, $it->trays, $it->difference], (new AssessorsApart([], $totals))->severities());
        self::assertSame([['marit', $trays, $difference], ['teodor', $trays, $difference === null ? null : -$difference]], $severities);
    }

    /** @return array<string, array{int, float|null}> */
    public static function severities(): array
    {
        return ['nine' => [9, null], 'ten: Marit gives three points more, whoever looks first' => [10, 3.0]];
    }

    public function testNothingIsSaidOfTotalsOnOneTray(): void
    {
        self::assertNull((new AssessorsApart([], [new TotalTwice('a', 'marit', 80, 'teodor', 74)]))->ratedTotals());
        self::assertSame([], (new AssessorsApart([], []))->pairs());
    }
}
