<?php

declare(strict_types=1);

namespace DeftBlade\Core\Balance;

use DeftBlade\Core\Grading\AttemptResult;

/** Holds the trays of a class that are over against those that are short. */
final readonly class MixUpSearch
{
    /** @param list<AttemptResult> $short trays, least unaccounted for first */
    private function __construct(private array $short, private int $widestToleranceMg) {}

    /**
     * @param list<AttemptResult> $results
     *
     * @return list<MixUp> the least left unaccounted for first
     */
    public static function among(array $results): array
    {
        $in = static fn(BalanceState $state): array => array_values(array_filter($results, static fn(AttemptResult $it): bool => $it->balance->state === $state));
        $short = $in(BalanceState::Short);
        usort($short, static fn(AttemptResult $a, AttemptResult $b): int => $a->balance->unaccountedMg <=> $b->balance->unaccountedMg);
        $search = new self($short, max([0, ...array_map(self::toleranceMg(...), $short)]));

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
     * @return \Generator<AttemptResult>
     */
    private function counterpartsOf(AttemptResult $over): \Generator
    {
        $surplus = -self::unaccountedMg($over);
        $reach = self::toleranceMg($over) + $this->widestToleranceMg;
        for ($index = $this->firstLacking($surplus - $reach); $index < count($this->short); $index++) {
            if (self::unaccountedMg($this->short[$index]) > $surplus + $reach) {
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
            self::unaccountedMg($this->short[$middle]) < $mg ? $from = $middle + 1 : $to = $middle;
        }

        return $from;
    }

    /** @return list<MixUp> */
    private static function swaps(AttemptResult $over, AttemptResult $short): array
    {
        $found = [];
        foreach ($over->pieces as $index => $verdict) {
            $here = $verdict->mass;
            $there = $short->pieces[$index]->mass;
            if ($here === null || $there === null) {
                continue;
            }
            $moved = $here->mg - $there->mg;
            $leftOver = abs(self::unaccountedMg($over) + $moved);
            $leftShort = abs(self::unaccountedMg($short) - $moved);
            if ($leftOver <= self::toleranceMg($over) && $leftShort <= self::toleranceMg($short)) {
                $found[] = new MixUp(MixUpKind::Swap, $over->attempt->id, $short->attempt->id, $verdict->piece->id, $leftOver + $leftShort);
            }
        }

        return $found;
    }

    /** @return list<MixUp> */
    private static function spills(AttemptResult $over, AttemptResult $short): array
    {
        $left = abs(self::unaccountedMg($over) + self::unaccountedMg($short));

        return $left <= max(self::toleranceMg($over), self::toleranceMg($short))
            ? [new MixUp(MixUpKind::Spill, $over->attempt->id, $short->attempt->id, null, $left)]
            : [];
    }

    private static function unaccountedMg(AttemptResult $result): int
    {
        return $result->balance->unaccountedMg ?? 0;
    }

    private static function toleranceMg(AttemptResult $result): int
    {
        return $result->balance->tolerance->mg ?? 0;
    }
}
