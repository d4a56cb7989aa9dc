<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Practice\Worth;
use PHPUnit\Framework\TestCase;

/** What a student should change first. */
final class WorthTest extends TestCase
{
    public function testTheThreeThatCostMostWithTheNextStepOfThoseThatHaveOne(): void
    {
        $worth = self::most([self::reason(4.4, 'Time'), self::reason(2.0, 'Joint', 1), self::reason(1.5, 'Joint', 2), self::reason(1.0, 'Board', 1)]);
        self::assertSame([['Time', 4.4, null], ['Joint', 2.0, 'nearly'], ['Joint', 1.5, 'clean']], array_map(static fn(Worth $it): array => [$it->text, $it->points, $it->next], $worth));
    }

    public function testWhatCostNothingIsNotNamedAndTheTopStepHasNoNext(): void
    {
        self::assertSame([], self::most([self::reason(0.0, 'Spared')]));
        self::assertNull(self::most([self::reason(1.0, 'Joint', 3)])[0]->next);
    }

    public function testResultsOfEarlierFormatsSayNoFigures(): void
    {
        self::assertNull(self::most([(object) ['component' => 'skill', 'text' => 'Joint', 'lost' => 1.0]])[0]->next);
    }

    /**
     * @param list<\stdClass> $reasons
     *
     * @return list<Worth>
     */
    private static function most(array $reasons): array
    {
        $levels = array_map(static fn(string $it): \stdClass => (object) ['points' => 1, 'text' => $it], ['through bone', 'nearly', 'clean']);

        return Worth::most(Node::of((object) ['criteria' => [(object) ['id' => 'Joint', 'levels' => $levels]]]), Node::of((object) ['reasons' => $reasons]));
    }

    private static function reason(float $lost, string $text, ?int $step = null): \stdClass
    {
        return (object) ['component' => 'skill', 'text' => $text, 'lost' => $lost, 'figures' => (object) ($step === null ? [] : ['criterion' => $text, 'step' => $step, 'steps' => 3])];
    }
}
