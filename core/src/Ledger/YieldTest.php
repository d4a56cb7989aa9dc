<?php

declare(strict_types=1);

namespace DeftBlade\Core\Ledger;

use DeftBlade\Core\Compute\Computation;
use DeftBlade\Core\Compute\Format;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Money\Currency;
use DeftBlade\Core\Money\Minor;
use DeftBlade\Core\Money\Shares;
use DeftBlade\Core\Weighing\Mass;

/** The butcher's test: what the cuts of a carcass cost once its by-products are paid for, and whether it paid to cut it here. */
final readonly class YieldTest implements Computation
{
    private const MG_PER_KG = 1_000_000;

    /**
     * @param int                           $apMg       the carcass as purchased
     * @param int                           $apCost     in minor units
     * @param list<YieldPiece>              $pieces
     * @param array<string, ByProductValue> $byProducts by id
     * @param ByProductValue|null           $scrape     meat that was left on the frame
     */
    private function __construct(
        public Currency $currency,
        public int $apMg,
        public int $apCost,
        public array $pieces,
        public array $byProducts,
        public ?Labour $labour,
        public ?ByProductValue $scrape,
    ) {}

    public static function summary(): string
    {
        return 'what the cuts of a carcass cost, and whether it paid to cut it';
    }

    public static function read(Node $node): self
    {
        Format::check($node, 'yield-test', ['money', 'ap_mg', 'ap_cost_minor', 'pieces', 'by_products', 'labour', 'scrape']);
        $pieces = [];
        foreach ($node->at('pieces')->items() as $item) {
            $piece = YieldPiece::read($item);
            $pieces[self::unused($item, $piece->id, $pieces)] = $piece;
        }
        $byProducts = [];
        foreach ($node->at('by_products')->items() as $item) {
            $item->keys(['id', 'mass_mg', 'value_per_kg_minor']);
            $byProducts[self::unused($item, $item->at('id')->identifier(), $byProducts)] = ByProductValue::read($item);
        }

        return new self(
            Currency::read($node->at('money')),
            $node->at('ap_mg')->integer(1, Mass::MOST_MG),
            $node->at('ap_cost_minor')->integer(0, Minor::MOST),
            array_values($pieces),
            $byProducts,
            $node->at('labour')->isNull() ? null : Labour::read($node->at('labour')),
            $node->at('scrape')->isNull() ? null : ByProductValue::read($node->at('scrape')->keys(['mass_mg', 'value_per_kg_minor'])),
        );
    }

    public function answer(): array
    {
        $saving = $this->saving();
        $parts = $this->partsValue();

        return [
            'by_product_value_minor' => Minor::rounded($this->byProductValue()),
            'net_cost_minor' => $this->netCostMinor(),
            'ep_mg' => $this->epMg(),
            'yield' => $this->epMg() / $this->apMg,
            'ep_cost_per_kg_minor' => self::rounded($this->perKg($this->netCost())),
            'cost_factor' => $this->costFactor(),
            'labour_minor' => $this->labourMinor(),
            'ep_cost_with_labour_per_kg_minor' => self::rounded($this->labour === null ? null : $this->perKg($this->netCost() + $this->labour->cost())),
            'parts_value_minor' => $this->partsValueMinor(),
            'saving_minor' => self::rounded($saving),
            'saving_fraction' => $saving === null || $parts === null || $parts <= 0 ? null : $saving / $parts,
            'break_even_wage_per_hour_minor' => self::rounded($saving === null ? null : $this->labour?->breakEvenWage($saving)),
            'pieces' => $this->pieceCosts(),
            'scrape_break_even_s' => self::rounded($this->scrape === null ? null : $this->labour?->paidBy($this->scrape->value())),
        ];
    }

    public function epMg(): int
    {
        return array_sum(array_map(static fn(YieldPiece $it): int => $it->massMg, $this->pieces));
    }

    /** What the cuts have to pay for, rounded. */
    public function netCostMinor(): int
    {
        return Minor::rounded($this->netCost());
    }

    /** Null where no labour is said. */
    public function labourMinor(): ?int
    {
        return self::rounded($this->labour?->cost());
    }

    /** The cuts bought as cuts, rounded; null where one of them has no price. */
    public function partsValueMinor(): ?int
    {
        return self::rounded($this->partsValue());
    }

    /** @return list<array{id: string, cost_minor: int|null, cost_per_kg_minor: int|null}> the net cost shared by what the cuts would cost as cuts */
    public function pieceCosts(): array
    {
        $parts = $this->partsValue();
        if ($parts === null || $parts <= 0) {
            return array_map(static fn(YieldPiece $it): array => ['id' => $it->id, 'cost_minor' => null, 'cost_per_kg_minor' => null], $this->pieces);
        }
        $shares = array_map(fn(YieldPiece $it): float => $this->netCost() * self::weightOf($it) / $parts, $this->pieces);
        $costs = Shares::of(Minor::rounded($this->netCost()), $shares);

        return array_map(static fn(YieldPiece $it, float $share, int $cost): array => [
            'id' => $it->id,
            'cost_minor' => $cost,
            'cost_per_kg_minor' => $it->massMg === 0 ? null : Minor::rounded($share * self::MG_PER_KG / $it->massMg),
        ], $this->pieces, $shares, $costs);
    }

    private function byProductValue(): float
    {
        return array_sum(array_map(static fn(ByProductValue $it): float => $it->value(), array_values($this->byProducts)));
    }

    /** What the cuts have to pay for; below 0 where the by-products are worth more than the carcass. */
    private function netCost(): float
    {
        return $this->apCost - $this->byProductValue();
    }

    private function perKg(float $cost): ?float
    {
        return $this->epMg() === 0 ? null : $cost * self::MG_PER_KG / $this->epMg();
    }

    /** By how much a kilogram of cuts costs more than one of carcass; null where there are no cuts, or the carcass cost nothing. */
    private function costFactor(): ?float
    {
        $perKg = $this->perKg($this->netCost());

        return $perKg === null || $this->apCost === 0 ? null : $perKg / ($this->apCost * self::MG_PER_KG / $this->apMg);
    }

    /** The cuts bought as cuts; null where one of them has no price. */
    private function partsValue(): ?float
    {
        $value = 0.0;
        foreach ($this->pieces as $piece) {
            if ($piece->marketPerKg === null) {
                return null;
            }
            $value += self::weightOf($piece);
        }

        return $value;
    }

    private function saving(): ?float
    {
        $parts = $this->partsValue();

        return $parts === null ? null : $parts - $this->netCost();
    }


    private static function weightOf(YieldPiece $piece): float
    {
        return $piece->massMg / self::MG_PER_KG * ($piece->marketPerKg ?? 0);
    }

    private static function rounded(?float $amount): ?int
    {
        return $amount === null ? null : Minor::rounded($amount);
    }

    /** @param array<string, mixed> $taken */
    private static function unused(Node $item, string $id, array $taken): string
    {
        return isset($taken[$id]) ? throw $item->at('id')->fail(MessageCode::IdTaken, ['id' => $id]) : $id;
    }
}
