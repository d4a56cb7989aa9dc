<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Lots\ClassYield;
use DeftBlade\Core\Lots\LotProducts;
use DeftBlade\Core\Money\Currency;
use DeftBlade\Core\Package\Assessment;
use DeftBlade\Core\Tests\Support\Lots;
use DeftBlade\Core\Tests\Support\Package;
use PHPUnit\Framework\TestCase;

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
        self::assertSame([2, 4_000_000, 2_400], [$yield->trays, $yield->apMg, $yield->seconds]);
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

    public function testWithoutAWeighedTrayThereIsNoTest(): void
    {
        self::assertNull($this->class(Package::shipped()->attempt('a1', ['ap' => 1900]))->test(self::euro(), 1_000, [], null));
    }

    private function class(Package $package): ClassYield
    {
        $class = Assessment::read(Node::decode($package->json()));

        return ClassYield::of($class->standard, LotProducts::of($class->standard, Lots::kitchen(), 'poultry'), $class->grade()->attempts);
    }

    private static function euro(): Currency
    {
        return Currency::read(Node::of((object) ['currency' => 'EUR', 'exponent' => 2], 'money'));
    }
}
