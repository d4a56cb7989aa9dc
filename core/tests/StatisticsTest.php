<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Money\Currency;
use DeftBlade\Core\Money\Minor;
use DeftBlade\Core\Statistics\Moments;
use DeftBlade\Core\Statistics\Sample;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Means, quantiles and money. */
final class StatisticsTest extends TestCase
{
    /**
     * Definition 7 of Hyndman and Fan, "Sample Quantiles in Statistical Packages", The American Statistician 50 (1996): the place (n − 1)·p, linear between its
     * neighbours. Worked by hand.
     *
     * @param list<float|int> $values
     */
    #[TestWith([[1, 2, 3, 4], 0.5, 2.5])]
    #[TestWith([[4, 1, 3, 2], 0.25, 1.75])]
    #[TestWith([[1, 2, 3, 4, 5], 0.95, 4.8])]
    #[TestWith([[10, 20], 0.1, 11.0])]
    #[TestWith([[7], 0.95, 7.0])]
    #[TestWith([[3, 3, 3], 0.3, 3.0])]
    #[TestWith([[1, 2, 3], 0.0, 1.0])]
    #[TestWith([[1, 2, 3], 1.0, 3.0])]
    public function testQuantilesLieLinearBetweenTheOrderedValues(array $values, float $share, float $quantile): void
    {
        self::assertEqualsWithDelta($quantile, Sample::of($values)->quantile($share), 1e-12);
    }

    /** 0.1 + 0.1 + 0.1 is not 0.3 in binary: the mean of figures that are all 0.1 is not 0.1, and they must not seem to vary. */
    public function testWhatIsConstantVariesWithNothing(): void
    {
        [$same, $other] = [Moments::of([0.1, 0.1, 0.1]), Moments::of([1, 2, 4])];
        self::assertSame([0.0, 0.0, 0.0], [$same->variance(), $same->covariance($other), $other->covariance($same)]);
        self::assertSame([null, null], [$same->correlation($other), $other->correlation($same)]);
        self::assertSame([null, null], [Moments::of([1])->variance(), Moments::of([1, 2])->covariance($other)]);
    }

    /** By hand: the means are 2 and 4, so −1·−2 + 0·−1 + 1·3 = 5, of three pairs 5 / 2. */
    public function testCovarianceIsOfASample(): void
    {
        [$one, $other] = [Moments::of([1, 2, 3]), Moments::of([2, 3, 7])];
        self::assertEqualsWithDelta([1.0, 7.0, 2.5], [$one->variance(), $other->variance(), $one->covariance($other)], 1e-12);
        self::assertEqualsWithDelta(2.5 / sqrt(7), $one->correlation($other), 1e-12);
    }

    public function testOfNothingNothingIsSaid(): void
    {
        self::assertSame([null, null], [Sample::of([])->mean(), Sample::of([])->quantile(0.5)]);
        self::assertSame(2.0, Sample::of([1, 2, 3])->mean());
    }

    #[TestWith([12.5, 13])]
    #[TestWith([12.4999, 12])]
    #[TestWith([0.0, 0])]
    #[TestWith([-12.5, -12])]
    #[TestWith([-12.6, -13])]
    #[TestWith([1e12 + 0.5, 1_000_000_000_001])]
    public function testMoneyIsRoundedOnceHalfUp(float $amount, int $rounded): void
    {
        self::assertSame($rounded, Minor::rounded($amount));
    }

    /** Minor units as in ISO 4217, amendment 175 and before: the euro has two, the yen none, the Kuwaiti dinar three. */
    #[TestWith(['EUR', 2])]
    #[TestWith(['JPY', 0])]
    #[TestWith(['KWD', 3])]
    #[TestWith(['NZD', 2])]
    public function testACurrencyHasTheDecimalsOfItsMinorUnit(string $code, int $exponent): void
    {
        self::assertSame($exponent, Currency::known($code)?->exponent);
        self::assertContains($code, Currency::codes());
    }

    #[TestWith(['ESP'])]
    #[TestWith(['eur'])]
    #[TestWith(['XXQ'])]
    #[TestWith([''])]
    #[TestWith(["EUR\n"])]
    public function testWhatIsNoCurrencyInUseIsNone(string $code): void
    {
        self::assertNull(Currency::known($code));
    }

    public function testTheCurrenciesInUseAreEachOnceAndInOrder(): void
    {
        $codes = Currency::codes();
        $sorted = array_unique($codes);
        sort($sorted);
        self::assertSame($sorted, $codes);
        self::assertGreaterThan(140, count($codes));
        foreach ($codes as $code) {
            self::assertNotNull(Currency::known($code));
        }
    }
}
