<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

use DeftBlade\Core\Ledger\YieldTest;
use DeftBlade\Core\Money\Currency;
use DeftBlade\Core\Money\Shares;

/** What a class cost: the butcher's test of all its trays, and the part of each. */
final readonly class ClassCost
{
    /** @param array<string, int> $perKg by product, in minor units */
    private function __construct(public ClassYield $yield, public YieldTest $test, private array $perKg) {}

    /**
     * Null while no tray is weighed to the end.
     *
     * @param int                $apCost of its carcasses, in minor units
     * @param array<string, int> $perKg  market price or value by product, in minor units
     * @param int|null           $wage   in minor units an hour; null where it is not said
     */
    public static function of(ClassYield $yield, Currency $currency, int $apCost, array $perKg, ?int $wage): ?self
    {
        $test = $yield->test($currency, $apCost, $perKg, $wage);

        return $test === null ? null : new self($yield, $test, $perKg);
    }

    public function sum(): CostSum
    {
        return new CostSum(count($this->yield->trays), $this->yield->apMg, $this->test->epMg(), $this->yield->seconds, $this->test->apCost, $this->test->netCostMinor(), $this->test->labourMinor(), $this->test->partsValueMinor());
    }

    /** @return array<string, CostSum> by attempt: the carcass by its mass, by-products and cuts by what they are worth, labour by time; together they are the sum */
    public function byTray(): array
    {
        $sum = $this->sum();
        $ap = $this->share($sum->apMinor, static fn(TrayYield $it): int => $it->apMg);
        $byProducts = $this->share($sum->byProductMinor(), fn(TrayYield $it): int => $this->worth($it, FlowStage::ByProducts));
        $labour = $sum->labourMinor === null ? null : $this->share($sum->labourMinor, static fn(TrayYield $it): int => $it->seconds);
        $parts = $sum->partsMinor === null ? null : $this->share($sum->partsMinor, fn(TrayYield $it): int => $this->worth($it, FlowStage::Cuts));
        $each = [];
        foreach ($this->yield->trays as $attempt => $tray) {
            $each[$attempt] = new CostSum(1, $tray->apMg, $this->epMg($tray), $tray->seconds, $ap[$attempt], $ap[$attempt] - $byProducts[$attempt], $labour[$attempt] ?? null, $parts[$attempt] ?? null);
        }

        return $each;
    }

    /** @return array<string, CutCost> by product: what each cut of the class cost, adding up to the net cost; none where one of them has no price */
    public function cuts(): array
    {
        $cuts = [];
        foreach ($this->test->pieceCosts() as $piece) {
            $cuts[$piece['id']] = new CutCost($this->yield->massMg[$piece['id']], $piece['cost_minor']);
        }

        return $cuts;
    }

    /** @return array<string, array<string, CutCost>> by attempt and product, each adding up to what its tray cost */
    public function cutsByTray(): array
    {
        $cuts = [];
        foreach ($this->byTray() as $attempt => $sum) {
            $cuts[$attempt] = $this->shared($sum->netMinor, $this->yield->trays[$attempt]->massMg);
        }

        return $cuts;
    }

    /**
     * A net cost shared by what its cuts would cost as cuts.
     *
     * @param array<string, int> $massMg by product
     *
     * @return array<string, CutCost> by product
     */
    private function shared(int $netMinor, array $massMg): array
    {
        $cuts = array_filter($massMg, fn(int|string $id): bool => $this->yield->products->products[$id]->stage() === FlowStage::Cuts, ARRAY_FILTER_USE_KEY);
        $worth = array_map(fn(int $mass, int|string $id): int => $mass * ($this->perKg[$id] ?? 0), $cuts, array_keys($cuts));
        $whole = array_sum($worth);
        if ($whole === 0 || $this->test->partsValueMinor() === null) {
            return array_map(static fn(int $mass): CutCost => new CutCost($mass, null), $cuts);
        }
        $shares = Shares::of($netMinor, array_map(static fn(int $it): float => $netMinor * ($it / $whole), $worth));

        return array_combine(array_keys($cuts), array_map(static fn(int $mass, int $minor): CutCost => new CutCost($mass, $minor), $cuts, $shares));
    }

    /**
     * @param callable(TrayYield): int $weight
     *
     * @return array<string, int> by attempt
     */
    private function share(int $minor, callable $weight): array
    {
        $weights = array_map($weight, $this->yield->trays);
        $whole = array_sum($weights);
        $shares = array_map(static fn(int $it): float => $whole === 0 ? 0.0 : $minor * ($it / $whole), array_values($weights));

        return array_combine(array_keys($weights), $whole === 0 ? array_fill(0, count($weights), 0) : Shares::of($minor, $shares));
    }

    /** What its products of a stage are worth, times a kilogram: only shares are made of it. */
    private function worth(TrayYield $tray, FlowStage $stage): int
    {
        $worth = 0;
        foreach ($tray->massMg as $id => $mass) {
            $worth += $this->yield->products->products[$id]->stage() === $stage ? $mass * ($this->perKg[$id] ?? 0) : 0;
        }

        return $worth;
    }

    private function epMg(TrayYield $tray): int
    {
        return array_sum(array_filter($tray->massMg, fn(int|string $id): bool => $this->yield->products->products[$id]->stage() === FlowStage::Cuts, ARRAY_FILTER_USE_KEY));
    }
}
