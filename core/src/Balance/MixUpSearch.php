<?php

declare(strict_types=1);

namespace DeftBlade\Core\Balance;

/** Holds the trays of a class that are over against those that are short. */
final readonly class MixUpSearch
{
    /** @param list<BalancedTray> $short trays, least unaccounted for first */
    private function __construct(private array $short, private int $widestToleranceMg) {}

    /**
     * @param list<BalancedTray> $trays
     *
     * @return list<MixUp> the least left unaccounted for first
     */
    public static function among(array $trays): array
    {
        $in = static fn(BalanceState $state): array => array_values(array_filter($trays, static fn(BalancedTray $it): bool => $it->state === $state));
        $short = $in(BalanceState::Short);
        usort($short, static fn(BalancedTray $a, BalancedTray $b): int => $a->unaccountedMg <=> $b->unaccountedMg);
        $search = new self($short, max([0, ...array_map(static fn(BalancedTray $it): int => $it->toleranceMg, $short)]));

        $found = [];
        foreach ($in(BalanceState::Over) as $over) {
            foreach ($search->counterpartsOf($over) as $other) {
                array_push($found, ...self::swaps($over, $other), ...self::spills($over, $other));
            }
        }
        usort($found, static fn(MixUp $a, MixUp $b): int => $a->leftMg <=> $b->leftMg);

        return $found;
    }

    /**
     * Short trays that lack about what this one has too much: no other can have been mixed up with it.
     *
     * @return \Generator<BalancedTray>
     */
    private function counterpartsOf(BalancedTray $over): \Generator
    {
        $surplus = -$over->unaccountedMg;
        $margin = $over->toleranceMg + $this->widestToleranceMg;
        for ($index = $this->firstLacking($surplus - $margin); $index < count($this->short); $index++) {
            if ($this->short[$index]->unaccountedMg > $surplus + $margin) {
                return;
            }
            yield $this->short[$index];
        }
    }

    private function firstLacking(int $mg): int
    {
        $from = 0;
        $to = count($this->short);
        while ($from < $to) {
            $middle = intdiv($from + $to, 2);
            $this->short[$middle]->unaccountedMg < $mg ? $from = $middle + 1 : $to = $middle;
        }

        return $from;
    }

    /** @return list<MixUp> */
    private static function swaps(BalancedTray $over, BalancedTray $short): array
    {
        $found = [];
        foreach ($over->pieces as $piece => $here) {
            $there = $short->pieces[$piece] ?? null;
            if ($there === null) {
                continue;
            }
            $moved = $here - $there;
            $leftOver = abs($over->unaccountedMg + $moved);
            $leftShort = abs($short->unaccountedMg - $moved);
            if ($leftOver <= $over->toleranceMg && $leftShort <= $short->toleranceMg) {
                $found[] = new MixUp(MixUpKind::Swap, $over->attempt, $short->attempt, (string) $piece, $leftOver + $leftShort);
            }
        }

        return $found;
    }

    /** @return list<MixUp> */
    private static function spills(BalancedTray $over, BalancedTray $short): array
    {
        $left = abs($over->unaccountedMg + $short->unaccountedMg);

        return $left <= max($over->toleranceMg, $short->toleranceMg)
            ? [new MixUp(MixUpKind::Spill, $over->attempt, $short->attempt, null, $left)]
            : [];
    }
}
