<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Ledger\YieldTest;
use DeftBlade\Core\Money\Currency;
use DeftBlade\Core\Money\Minor;

/** What the carcasses of a class came to, of those trays that are weighed to the end: the masses a butcher's test is made of. */
final readonly class ClassYield
{
    /**
     * @param array<string, TrayYield> $trays   by attempt
     * @param array<string, int>       $massMg  by product
     * @param int                      $seconds that were worked, without pauses
     */
    private function __construct(public LotProducts $products, public array $trays, public int $apMg, public array $massMg, public int $seconds) {}

    /** @param array<string, TrayYield> $trays of one class, by attempt */
    public static function of(LotProducts $products, array $trays): self
    {
        $whole = array_filter($trays, static fn(TrayYield $it): bool => $it->isWhole);
        $masses = [];
        foreach (array_keys($products->products) as $product) {
            $mass = self::sum($whole, static fn(TrayYield $it): int => $it->massMg[$product] ?? 0);
            $masses += $mass === 0 ? [] : [$product => $mass];
        }

        return new self($products, $whole, self::sum($whole, static fn(TrayYield $it): int => $it->apMg), $masses, self::sum($whole, static fn(TrayYield $it): int => $it->seconds));
    }

    /** What its carcasses cost, as their share of a delivery by mass: minor units, rounded half up. */
    public function apCost(int $deliveredMg, int $costMinor): int
    {
        return Minor::rounded($costMinor * ($this->apMg / $deliveredMg));
    }

    /**
     * The butcher's test of the class; null while no tray is weighed to the end.
     *
     * @param int                $apCost of its carcasses, in minor units
     * @param array<string, int> $perKg  market price or value by product, in minor units; a by-product without one is worth nothing
     * @param int|null           $wage   in minor units an hour; null where it is not said
     */
    public function test(Currency $currency, int $apCost, array $perKg, ?int $wage): ?YieldTest
    {
        if ($this->apMg === 0) {
            return null;
        }
        $pieces = $byProducts = [];
        $scrape = null;
        foreach ($this->massMg as $id => $mass) {
            $product = $this->products->products[$id];
            if ($product->stage() === FlowStage::Cuts) {
                $pieces[] = (object) ['id' => (string) $id, 'mass_mg' => $mass, 'market_per_kg_minor' => $perKg[$id] ?? null];
            } elseif ($product->stage() === FlowStage::ByProducts) {
                $byProducts[] = (object) ['id' => (string) $id, 'mass_mg' => $mass, 'value_per_kg_minor' => $perKg[$id] ?? 0];
                $scrape = $product->kind === LotProductKind::Scrape ? (object) ['mass_mg' => $mass, 'value_per_kg_minor' => $perKg[$id] ?? 0] : $scrape;
            }
        }

        return YieldTest::read(Node::of((object) [
            'format' => 'deft-blade.yield-test/1',
            'money' => (object) ['currency' => $currency->code, 'exponent' => $currency->exponent],
            'ap_mg' => $this->apMg,
            'ap_cost_minor' => $apCost,
            'pieces' => $pieces,
            'by_products' => $byProducts,
            'labour' => $wage === null ? null : (object) ['seconds' => $this->seconds, 'wage_per_hour_minor' => $wage],
            'scrape' => $scrape,
        ], 'yield-test'));
    }

    /**
     * @param array<string, TrayYield> $trays
     * @param callable(TrayYield): int $figure
     */
    private static function sum(array $trays, callable $figure): int
    {
        return array_sum(array_map($figure, array_values($trays)));
    }
}
