<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Money\Currency;
use DeftBlade\Core\Money\Minor;
use DeftBlade\Core\Planning\OrderLine;
use DeftBlade\Core\Planning\Price;
use DeftBlade\Core\Planning\PricedBy;
use DeftBlade\Core\Tests\Support\Refused;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Money in minor units, and what an order comes to. */
final class MoneyTest extends TestCase
{
    /** Decimals of the minor unit: ISO 4217:2015, list one. */
    #[TestWith(['EUR', 2])]
    #[TestWith(['USD', 2])]
    #[TestWith(['JPY', 0])]
    #[TestWith(['ISK', 0])]
    #[TestWith(['BHD', 3])]
    #[TestWith(['TND', 3])]
    public function testKnowsCurrenciesAndTheirDecimals(string $code, int $decimals): void
    {
        self::assertSame([$code, $decimals], [Currency::known($code)?->code, Currency::known($code)?->exponent]);
        self::assertContains($code, Currency::codes());
    }

    /** No longer money, or never was. */
    #[TestWith(['DEM'])]
    #[TestWith(['ZZZ'])]
    #[TestWith(['eur'])]
    #[TestWith([''])]
    public function testWhatIsNoCurrencyInUseIsNotKnown(string $code): void
    {
        self::assertNull(Currency::known($code));
    }

    #[TestWith(['{"currency": "euro", "exponent": 2}', 'money.currency'])]
    #[TestWith(['{"currency": "EUR", "exponent": 5}', 'money.exponent'])]
    #[TestWith(['{"currency": "EUR"}', 'money.exponent'])]
    #[TestWith(['{"currency": "EUR", "exponent": 2, "sign": "€"}', 'money.sign'])]
    public function testRefusesWhatIsNoCurrency(string $json, string $path): void
    {
        $refused = Refused::when(static fn(): Currency => Currency::read(Node::of(json_decode($json), 'money')));
        self::assertStringStartsWith("$path: ", $refused);
    }

    #[TestWith([0.5, 1])]
    #[TestWith([0.49, 0])]
    #[TestWith([2.5, 3])]
    #[TestWith([16_483.5, 16_484])]
    public function testRoundsHalfAMinorUnitUp(float $minor, int $rounded): void
    {
        self::assertSame($rounded, Minor::rounded($minor));
    }

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

    /** USDA, Food Safety and Inspection Service, "The Big Thaw": 24 hours in the refrigerator for each 4 to 5 lb; here for every started 2 kg. */
    #[TestWith([1_850_000, '2026-03-03T09:00:00+00:00'])]
    #[TestWith([2_000_000, '2026-03-03T09:00:00+00:00'])]
    #[TestWith([2_000_001, '2026-03-02T09:00:00+00:00'])]
    #[TestWith([6_500_000, '2026-02-28T09:00:00+00:00'])]
    public function testFrozenOnesComeOutInTime(int $massMg, string $from): void
    {
        $line = new OrderLine('a', 12, 0, 0, 0, 1, $massMg, Price::unknown(), new \DateTimeImmutable('2026-03-04T09:00:00+00:00'));
        self::assertSame($from, $line->thawFrom()?->format(\DateTimeInterface::ATOM));
    }
}
