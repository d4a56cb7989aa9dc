<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Planning\OrderLine;
use DeftBlade\Core\Planning\Price;
use DeftBlade\Core\Planning\PricedBy;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What an order comes to. */
final class OrderTest extends TestCase
{
    /** By hand. */
    #[DataProvider('prices')]
    public function testACarcassCostsByItsMassOrByItself(Price $price, int $count, int $massMg, float $minor): void
    {
        self::assertEqualsWithDelta($minor, $price->of($count, $massMg), 1e-9);
    }

    /** @return array<string, array{Price, int, int, float}> */
    public static function prices(): array
    {
        return [
            '18 of 1.85 kg at 4.95 a kilogram' => [new Price(PricedBy::Kilogram, 495), 18, 33_300_000, 16_483.5],
            '8 at 13.33 each' => [new Price(PricedBy::Each, 1_333), 8, 7_200_000, 10_664.0],
            'nothing to buy' => [new Price(PricedBy::Kilogram, 495), 0, 0, 0.0],
            'no price yet' => [Price::unknown(), 18, 33_300_000, 0.0],
        ];
    }

    /** Whatever is asked: there is enough, no case too many, and nothing is bought that lies there already. */
    public function testAnOrderIsEnoughAndNeverACaseTooMany(): void
    {
        mt_srand(20_261_126);
        for ($round = 0; $round < 2_000; $round++) {
            [$students, $fraction, $least, $onHand, $perCase] = [mt_rand(0, 60), mt_rand(0, 100) / 100, mt_rand(0, 5), mt_rand(0, 70), mt_rand(1, 24)];
            $line = new OrderLine('a', $students, $fraction, $least, $onHand, $perCase, 1_850_000, new Price(PricedBy::Each, 100), null);
            $said = "$students students, $fraction and at least $least to spare, $onHand on hand, $perCase a case";
            self::assertGreaterThanOrEqual($students + $least, $line->needed(), $said);
            self::assertGreaterThanOrEqual($students * (1 + $fraction) - 1e-6, $line->needed(), $said);
            self::assertLessThan($students + max($students * $fraction + 1, $least + 1), $line->needed(), $said);
            self::assertGreaterThanOrEqual($line->needed(), $onHand + $line->ordered(), $said);
            self::assertLessThan($perCase, $line->ordered() - $line->toBuy(), $said);
            self::assertSame([$line->cases() * $perCase, $line->ordered() * 1_850_000, 100.0 * $line->ordered()], [$line->ordered(), $line->massMg(), $line->cost()], $said);
        }
    }
}
