<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Lots\CostSum;
use PHPUnit\Framework\TestCase;

/** Each figure here is worked out by hand, in minor units of money. */
final class CostSumTest extends TestCase
{
    /** Common practice: the cost factor of a cut is its cost per kilogram over the price per kilogram as purchased. */
    public function testAKilogramOfCutsCostsMoreThanOneOfCarcass(): void
    {
        // 2 kg for 6.00, of which 0.60 are by-products: 1.2 kg of cuts for 5.40 are 4.50 a kilogram, and 3.00 were paid for one.
        $sum = new CostSum(2, 2_000_000, 1_200_000, 1_800, 600, 540, 900, 700);
        self::assertSame([60, 0.6, 450, 300, 160], [$sum->byProductMinor(), $sum->yield(), $sum->perKgMinor(), $sum->perTrayMinor(), $sum->savingMinor()]);
        self::assertEqualsWithDelta(1.5, $sum->costFactor(), 1e-12);
    }

    public function testNothingIsSaidOfWhatWasNotWeighedOrHasNoPrice(): void
    {
        $none = CostSum::none();
        self::assertSame([null, null, null, null, 0], [$none->yield(), $none->perKgMinor(), $none->costFactor(), $none->perTrayMinor(), $none->savingMinor()]);
        self::assertNull((new CostSum(1, 2_000_000, 1_200_000, 0, 0, 0, null, null))->costFactor(), 'a carcass that was given');
        self::assertNull((new CostSum(1, 2_000_000, 0, 0, 600, 600, null, null))->costFactor(), 'no cut was weighed');
    }

    public function testSumsAddUpAndOneUnknownPriceLeavesTheSumUnknown(): void
    {
        $tray = new CostSum(1, 2_000_000, 1_200_000, 900, 600, 540, 450, 700);
        $unpriced = new CostSum(1, 1_000_000, 600_000, 600, 300, 300, 300, null);
        self::assertEquals(new CostSum(3, 5_000_000, 3_000_000, 2_400, 1_500, 1_380, 1_200, null), CostSum::all([$tray, $unpriced, $tray]));
        self::assertEquals(new CostSum(2, 4_000_000, 2_400_000, 1_800, 1_200, 1_080, 900, 1_400), CostSum::all([$tray, $tray]));
        self::assertNull($tray->plus(new CostSum(1, 1, 1, 1, 1, 1, null, 1))->labourMinor);
    }
}
