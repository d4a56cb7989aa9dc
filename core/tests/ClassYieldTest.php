<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Lots\ClassCost;
use DeftBlade\Core\Lots\ClassYield;
use DeftBlade\Core\Lots\CostSum;
use DeftBlade\Core\Lots\CutCost;
use DeftBlade\Core\Lots\LotProducts;
use DeftBlade\Core\Lots\Tables;
use DeftBlade\Core\Lots\TrayYield;
use DeftBlade\Core\Money\Currency;
use DeftBlade\Core\Package\Assessment;
use DeftBlade\Core\Tests\Support\Lots;
use DeftBlade\Core\Tests\Support\Package;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A class as a butcher's test, worked by hand. */
final class ClassYieldTest extends TestCase
{
    private const TRAY = [
        'ap' => 2000, 'breast.left' => 300, 'breast.right' => 300, 'thigh.left' => 150, 'thigh.right' => 150, 'drumstick.left' => 100, 'drumstick.right' => 100, 'wing.left' => 100, 'wing.right' => 100,
        'stock' => 500, 'fat' => 100, 'trim' => 20, 'waste' => 40, 'scrape' => 20, 'clock' => [0 => 'start', 1200 => 'stop'],
    ];

    private const PRICES = ['breast' => 1_400, 'thigh' => 800, 'drumstick' => 600, 'wing' => 500, 'stock' => 100, 'fat' => 150, 'trim' => 400, 'scrape' => 400];

    public function testAddsUpTheTraysThatAreWeighedToTheEnd(): void
    {
        $yield = $this->class(Package::shipped()->attempt('a1', self::TRAY)->attempt('a2', self::TRAY)->attempt('a3', ['ap' => 1900, 'wing.left' => 90]));
        self::assertSame([2, 4_000_000, 2_400], [count($yield->trays), $yield->apMg, $yield->seconds]);
        self::assertSame([1_200_000, 600_000, 400_000, 400_000], array_map(static fn(string $it): int => $yield->massMg[$it], ['breast', 'thigh', 'drumstick', 'wing']));
    }

    public function testCostsItsCuts(): void
    {
        $class = $this->class(Package::shipped()->attempt('a1', self::TRAY)->attempt('a2', self::TRAY));
        $answer = $class->test(self::euro(), 2_000, self::PRICES, 1_800)?->answer() ?? [];
        // Bones 1 kg at 1.00, fat 0.2 kg at 1.50, trim and scrape 0.04 kg each at 4.00: 1.62 off 20.00. The cuts bought: 1.2·14 + 0.6·8 + 0.4·6 + 0.4·5 = 26.00.
        self::assertSame([162, 1_838, 2_600_000, 0.65], [$answer['by_product_value_minor'], $answer['net_cost_minor'], $answer['ep_mg'], $answer['yield']]);
        self::assertSame([2_600, 762, 1_200], [$answer['parts_value_minor'], $answer['saving_minor'], $answer['labour_minor']]);
        self::assertSame(['breast' => 1_188, 'thigh' => 339, 'drumstick' => 170, 'wing' => 141], array_column($answer['pieces'], 'cost_minor', 'id'));
        self::assertSame(32, $answer['scrape_break_even_s'], '0.16 of meat at 18.00 an hour');
    }

    public function testPaysItsShareOfADelivery(): void
    {
        $class = $this->class(Package::shipped()->attempt('a1', self::TRAY)->attempt('a2', self::TRAY));
        self::assertSame([2_080, 1_664, 1], [$class->apCost(4_000_000, 2_080), $class->apCost(5_000_000, 2_080), $class->apCost(8_000_000, 1)], '4 kg of 4, of 5, and of 8 kg; half a cent up');
    }

    public function testWithoutAPriceOfOneCutNothingIsHeldAgainstTheMarket(): void
    {
        $answer = $this->class(Package::shipped()->attempt('a1', self::TRAY))->test(self::euro(), 1_000, ['thigh' => 800], null)?->answer() ?? [];
        self::assertSame([0, 1_000, null, null, null], [$answer['by_product_value_minor'], $answer['net_cost_minor'], $answer['saving_minor'], $answer['labour_minor'], $answer['pieces'][0]['cost_minor']]);
    }

    public function testTheTraysOfAClassAddUpToItToTheCent(): void
    {
        $random = new Randomizer(new Mt19937(20261126));
        for ($run = 0; $run < 40; $run++) {
            $package = Package::shipped();
            foreach (range(1, $random->getInt(2, 7)) as $tray) {
                $masses = array_map(static fn(mixed $it): mixed => is_int($it) ? $it + $random->getInt(-15, 15) : $it, self::TRAY);
                $package = $package->attempt("a$tray", ['ap' => 2100, 'clock' => [0 => 'start', $random->getInt(600, 2400) => 'stop']] + $masses);
            }
            $cost = ClassCost::of($this->class($package), self::euro(), $random->getInt(1, 20_000), self::PRICES, $random->getInt(0, 1) === 0 ? null : $random->getInt(1, 5_000));
            self::assertNotNull($cost);
            self::assertEquals($cost->sum(), CostSum::all($cost->byTray()));
            self::assertSame($cost->sum()->netMinor, self::minorOf($cost->cuts()), 'the cuts bear what the class cost');
            self::assertSame(array_column($cost->test->answer()['pieces'], 'cost_minor', 'id'), array_map(static fn(CutCost $it): ?int => $it->minor, $cost->cuts()));
            foreach ($cost->cutsByTray() as $attempt => $cuts) {
                self::assertSame($cost->byTray()[$attempt]->netMinor, self::minorOf($cuts), 'and those of a tray what it cost');
            }
        }
    }

    public function testAHeavierCarcassBearsMoreOfTheDeliveryAndBetterBoningCostsLess(): void
    {
        $trays = ClassCost::of($this->class(Package::shipped()->attempt('heavy', ['ap' => 2500] + self::TRAY)->attempt('usual', self::TRAY)->attempt('wasteful', ['breast.left' => 150, 'breast.right' => 150] + self::TRAY)), self::euro(), 6_500, self::PRICES, 1_800)?->byTray() ?? [];
        self::assertSame([2_500, 2_000, 2_000], array_map(static fn(string $it): int => $trays[$it]->apMinor, ['heavy', 'usual', 'wasteful']));
        self::assertSame([81, 81, 81], array_map(static fn($it): int => $it->byProductMinor(), array_values($trays)), '0.5 kg of bones at 1.00, 0.1 kg of fat at 1.50, trim and scrape 0.02 kg each at 4.00');
        self::assertSame([1_476, 1_919], [$trays['usual']->perKgMinor(), $trays['wasteful']->perKgMinor()], '19.19 for 1.3 kg of cuts, and for 1.0 kg');
    }

    public function testTheStandardExpectsTheSharesOfItsCarcass(): void
    {
        $class = Assessment::read(Node::decode(Package::shipped()->attempt('a1', self::TRAY)->json()));
        $products = LotProducts::of($class->standard, Lots::kitchen(), 'poultry');
        $expected = TrayYield::expected($class->standard, $products, 2_000_000);
        $share = static fn(string $id): float => array_sum(array_map(static fn(string $place): float => $class->standard->cuts->pieces[$place]->expectation->share ?? 0.0, $products->products[$id]->places));
        self::assertSame([(int) round(2_000_000 * $share('breast')), (int) round(2_000_000 * $share('thigh'))], [$expected->massMg['breast'], $expected->massMg['thigh']]);
        self::assertArrayNotHasKey(LotProducts::SCRAPE, $expected->massMg, 'nothing is left on the frame');
        self::assertLessThanOrEqual(2_000_000, array_sum($expected->massMg));
        self::assertSame([true, 2_000_000, 1_500], [$expected->isWhole, $expected->apMg, $expected->seconds], 'a tray in the standard time of 25 minutes');
    }

    public function testOnlyCutsBearTheCostOfATray(): void
    {
        $cost = ClassCost::of($this->class(Package::shipped()->attempt('a1', self::TRAY)), self::euro(), 1_000, self::PRICES, null);
        $cuts = $cost?->cutsByTray()['a1'] ?? [];
        self::assertSame(['breast', 'thigh', 'drumstick', 'wing'], array_keys($cuts));
        // 8.40, 2.40, 1.20 and 1.00 of 13.00 are what the cuts would cost bought; the carcass less 0.81 of by-products cost 9.19. Shares 593.8, 169.7, 84.8 and 70.7:
        // three cents are left over, and go by the largest remainders.
        self::assertSame([594, 169, 85, 71], array_map(static fn(CutCost $it): ?int => $it->minor, array_values($cuts)));
    }

    public function testATrayStandsUnderTheProductThatItsPlacesGive(): void
    {
        $trays = $this->class(Package::shipped()->attempt('a1', ['trim' => 35, 'scrape' => 65] + self::TRAY))->massMg;
        self::assertSame([35_000, 65_000], [$trays['trim'], $trays[LotProducts::SCRAPE]], 'meat left on the frame is told apart from trim');
    }

    /** A minute of an hour that costs 18.00 is 0.30: 65 g of meat at 4.00 a kilogram are worth 0.26, so 52 seconds; trim of another mass changes nothing. */
    public function testScrapingPaysForAsLongAsItsMeatIsWorth(): void
    {
        foreach ([20, 35, 90] as $trim) {
            $answer = $this->class(Package::shipped()->attempt('a1', ['trim' => $trim, 'scrape' => 65] + self::TRAY))->test(self::euro(), 1_000, self::PRICES, 1_800)?->answer() ?? [];
            self::assertSame(52, $answer['scrape_break_even_s']);
        }
    }

    public function testWithoutAWeighedTrayThereIsNoTest(): void
    {
        self::assertNull($this->class(Package::shipped()->attempt('a1', ['ap' => 1900]))->test(self::euro(), 1_000, [], null));
    }

    /** @param array<string, CutCost> $cuts */
    private static function minorOf(array $cuts): int
    {
        return array_sum(array_map(static fn(CutCost $it): int => $it->minor ?? 0, $cuts));
    }

    private function class(Package $package): ClassYield
    {
        $class = Assessment::read(Node::decode($package->json()));

        $products = LotProducts::of($class->standard, Lots::kitchen(), 'poultry');
        $trays = [];
        foreach ($class->grade()->attempts as $result) {
            $trays[$result->attempt->id] = TrayYield::of(Tables::of($class->standard, $products, [$result]), $result);
        }

        return ClassYield::of($products, $trays);
    }

    private static function euro(): Currency
    {
        return Currency::read(Node::of((object) ['currency' => 'EUR', 'exponent' => 2], 'money'));
    }
}
