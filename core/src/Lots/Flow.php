<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

/** Mass on its way from carcasses over what they were cut into to where it went; what flows into a place in the middle flows out of it. */
final readonly class Flow
{
    /** @param list<FlowBand> $bands */
    private function __construct(public int $deliveredMg, public array $bands) {}

    /**
     * @param array<string, ClassAccount>            $delivered by species
     * @param list<array{FlowStage, FlowStage, int}> $gone      what became of cuts, by-products and waste: stage, end, mg
     */
    public static function of(array $delivered, array $gone): self
    {
        $bands = [];
        foreach ($delivered as $species => $account) {
            $parts = [[FlowStage::Cuts, $account->cutsMg], [FlowStage::ByProducts, $account->byProductMg], [FlowStage::Waste, $account->wasteMg], [FlowStage::Open, $account->openMg], [FlowStage::Loss, $account->lossMg()]];
            foreach ($parts as [$stage, $mg]) {
                $bands[] = new FlowBand((string) $species, $stage->value, $mg);
            }
        }
        $out = [];
        foreach ($gone as [$stage, $end, $mg]) {
            $bands[] = new FlowBand($stage->value, $end->value, $mg);
            $out[$stage->value] = ($out[$stage->value] ?? 0) + $mg;
        }
        foreach ([FlowStage::Cuts, FlowStage::ByProducts, FlowStage::Waste] as $stage) {
            $in = array_sum(array_map(static fn(FlowBand $it): int => $it->to === $stage->value ? $it->massMg : 0, $bands));
            $bands[] = new FlowBand($stage->value, FlowStage::Tables->value, $in - ($out[$stage->value] ?? 0));
        }

        $total = array_sum(array_map(static fn(ClassAccount $it): int => $it->deliveredMg, $delivered));

        return new self($total, array_values(array_filter($bands, static fn(FlowBand $it): bool => $it->massMg > 0)));
    }

    /** @return array<string, int> mg by where it went in the end (FlowEnd); they add up to what was delivered, unless more was weighed than came in */
    public function ends(): array
    {
        $ends = array_fill_keys(array_map(static fn(FlowEnd $it): string => $it->value, FlowEnd::cases()), 0);
        foreach ($this->bands as $band) {
            $end = FlowStage::tryFrom($band->to)?->end();
            if ($end !== null) {
                $ends[$end->value] += $band->massMg;
            }
        }

        return $ends;
    }

    /** @return int mg that come to a place, or start there */
    public function through(string $place): int
    {
        $in = array_sum(array_map(static fn(FlowBand $it): int => $it->to === $place ? $it->massMg : 0, $this->bands));

        return $in > 0 ? $in : array_sum(array_map(static fn(FlowBand $it): int => $it->from === $place ? $it->massMg : 0, $this->bands));
    }
}
