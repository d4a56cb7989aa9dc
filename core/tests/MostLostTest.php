<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Practice\MostLost;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Standard\Standard;
use PHPUnit\Framework\TestCase;

/** What a group loses points at, over the trays of one practical. The sums are worked out by hand. */
final class MostLostTest extends TestCase
{
    public function testBothSidesOfAPieceAreOneThingAndTheMeanIsOverAllTrays(): void
    {
        $most = self::among(
            [self::reason('portion', 2.0, ['piece' => 'thigh.left']), self::reason('portion', 1.0, ['piece' => 'thigh.right']), self::reason('time', 1.5, [])],
            [self::reason('technique', 4.0, ['criterion' => 'wishbone'])],
            [],
            [self::reason('portion', 3.0, ['piece' => 'thigh.right']), self::reason('technique', 0.5, ['fault' => 'sawing'])],
        );
        self::assertSame([
            ['Thigh', 1.5, 2, 4, 'piece thigh.left'],
            [self::standard()->criteria['wishbone']->title, 1.0, 1, 4, 'criterion wishbone'],
            ['Time', 0.375, 1, 4, 'time'],
            ['Sawing', 0.125, 1, 4, 'fault sawing'],
        ], $most);
    }

    public function testAtMostFiveAndNothingThatCostNothing(): void
    {
        $all = array_map(static fn(int $it, string $id): array => self::reason('technique', $it / 10, ['criterion' => $id]), range(0, 7), array_slice(array_map(strval(...), array_keys(self::standard()->criteria)), 0, 8));
        $most = self::among($all);
        self::assertSame([0.7, 0.6, 0.5, 0.4, 0.3], array_column($most, 1));
        self::assertSame([], self::among([$all[0]]));
    }

    public function testResultsThatSayNoFiguresAndThingsTheStandardDoesNotKnowAreLeftOut(): void
    {
        self::assertSame([], self::among([['component' => 'technique', 'lost' => 3.0], self::reason('technique', 2.0, ['criterion' => 'of-an-earlier-version'])]));
        self::assertSame([], MostLost::among(self::standard(), []));
    }

    /**
     * @param list<array<string, mixed>> ...$trays
     *
     * @return list<array{string, float, int, int, string}>
     */
    private static function among(array ...$trays): array
    {
        $results = array_map(static fn(array $reasons): Node => Node::of(json_decode(json_encode(['reasons' => $reasons], JSON_THROW_ON_ERROR), false, 64, JSON_THROW_ON_ERROR)), array_values($trays));

        return array_map(static fn(MostLost $it): array => [$it->title, round($it->points, 9), $it->times, $it->trays, $it->about->key()], MostLost::among(self::standard(), $results));
    }

    /**
     * @param array<string, string> $figures
     *
     * @return array<string, mixed>
     */
    private static function reason(string $component, float $lost, array $figures): array
    {
        return ['component' => $component, 'lost' => $lost, 'figures' => (object) $figures];
    }

    private static function standard(): Standard
    {
        return Standard::read(Node::of((new ShippedDocuments())->standard('chicken-eight-piece'), 'standard'));
    }
}
