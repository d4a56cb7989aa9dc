<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Tests\Support\Package;
use PHPUnit\Framework\TestCase;

final class BalanceTest extends TestCase
{
    public function testOpenUntilEverythingIsInThenBalancedShortOrOver(): void
    {
        $balance = static fn(array $of): array => Package::plain('frame')->attempt('a', ['ap' => 1800] + $of)->first()['balance'];
        self::assertSame(['state' => 'open', 'unaccounted_mg' => 1_190_000, 'tolerance_mg' => 27_000], $balance(['left' => 300, 'right' => 310]));
        self::assertSame('open', $balance(['left' => 300, 'right' => 310, 'stock' => 1160])['state']);
        self::assertSame('balanced', $balance(['left' => 300, 'right' => 310, 'stock' => 1143, 'scrape' => 20])['state']);
        self::assertSame('short', $balance(['left' => 300, 'right' => 310, 'stock' => 1142.999, 'scrape' => 20])['state']);
        self::assertSame('balanced', $balance(['left' => 300, 'right' => 310, 'stock' => 1197, 'scrape' => 20])['state']);
        self::assertSame('over', $balance(['left' => 300, 'right' => 310, 'stock' => 1197.001, 'scrape' => 20])['state']);
    }

    public function testYields(): void
    {
        $result = Package::plain('frame')->attempt('a', ['ap' => 2000, 'left' => 300, 'right' => 300, 'stock' => 1300, 'scrape' => 40])->first();
        self::assertEqualsWithDelta(['portion' => 0.3, 'utilisation' => 0.97, 'waste' => 0.0, 'loss' => 0.03], $result['yields'], 1e-12);
        self::assertSame([null, null, null, null], array_values(Package::plain('frame')->attempt('a', ['left' => 300])->first()['yields']));
    }

    public function testFindsTheTwoTraysThatExchangedAPiece(): void
    {
        $mixUps = Package::plain('frame')
            ->attempt('a1', ['ap' => 1800, 'left' => 380, 'right' => 300, 'stock' => 1180, 'scrape' => 10])
            ->attempt('a2', ['ap' => 1800, 'left' => 300, 'right' => 305, 'stock' => 1175, 'scrape' => 10])
            ->attempt('a3', ['ap' => 1900, 'left' => 305, 'right' => 320, 'stock' => 1190, 'scrape' => 10])
            ->grade()['mixups'];
        self::assertSame([
            ['kind' => 'spill', 'attempts' => ['a1', 'a3'], 'piece' => null, 'left_mg' => 5_000],
            ['kind' => 'swap', 'attempts' => ['a1', 'a3'], 'piece' => 'left', 'left_mg' => 5_000],
        ], self::byKind($mixUps));
    }

    public function testNoMixUpWhereNothingIsOver(): void
    {
        $short = ['ap' => 1900, 'left' => 305, 'right' => 320, 'stock' => 1190, 'scrape' => 10];
        self::assertSame([], Package::plain('frame')->attempt('a1', $short)->attempt('a2', $short)->grade()['mixups']);
    }

    /**
     * @param list<array<string, mixed>> $mixUps
     *
     * @return list<array<string, mixed>>
     */
    private static function byKind(array $mixUps): array
    {
        usort($mixUps, static fn(array $a, array $b): int => $a['kind'] <=> $b['kind']);

        return $mixUps;
    }
}
