<?php

declare(strict_types=1);

namespace DeftBlade\Core\Balance;

use DeftBlade\Core\Grading\AttemptResult;

/** Holds every tray of a class that is over against every tray that is short. */
final class MixUpSearch
{
    /**
     * @param list<AttemptResult> $results
     *
     * @return list<MixUp> the least left unaccounted for first
     */
    public static function among(array $results): array
    {
        $in = static fn(BalanceState $state): array => array_filter($results, static fn(AttemptResult $it): bool => $it->balance->state === $state);
        $found = [];
        foreach ($in(BalanceState::Over) as $over) {
            foreach ($in(BalanceState::Short) as $short) {
                array_push($found, ...self::swaps($over, $short), ...self::spills($over, $short));
            }
        }
        usort($found, static fn(MixUp $a, MixUp $b): int => $a->leftMg <=> $b->leftMg);

        return $found;
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
            $leftOver = abs(($over->balance->unaccountedMg ?? 0) + $moved);
            $leftShort = abs(($short->balance->unaccountedMg ?? 0) - $moved);
            if ($leftOver <= self::toleranceMg($over) && $leftShort <= self::toleranceMg($short)) {
                $found[] = new MixUp(MixUpKind::Swap, $over->attempt->id, $short->attempt->id, $verdict->piece->id, $leftOver + $leftShort);
            }
        }

        return $found;
    }

    /** @return list<MixUp> */
    private static function spills(AttemptResult $over, AttemptResult $short): array
    {
        $left = abs(($over->balance->unaccountedMg ?? 0) + ($short->balance->unaccountedMg ?? 0));

        return $left <= max(self::toleranceMg($over), self::toleranceMg($short))
            ? [new MixUp(MixUpKind::Spill, $over->attempt->id, $short->attempt->id, null, $left)]
            : [];
    }

    private static function toleranceMg(AttemptResult $result): int
    {
        return $result->balance->tolerance->mg ?? 0;
    }
}
