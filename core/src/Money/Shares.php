<?php

declare(strict_types=1);

namespace DeftBlade\Core\Money;

/** An amount in whole minor units shared out, so that the shares add up to it. */
final class Shares
{
    /**
     * By largest remainder: everybody gets the whole units of their share, and who lost most by that gets one of what is left; of equals the earlier.
     *
     * @param int         $whole  what is shared, in minor units
     * @param list<float> $shares of each, unrounded; together within half a unit of it
     *
     * @return list<int> of each, adding up to it
     */
    public static function of(int $whole, array $shares): array
    {
        $units = array_map(static fn(float $it): int => (int) floor($it), $shares);
        $order = array_keys($shares);
        usort($order, static fn(int $one, int $other): int => $shares[$other] - $units[$other] <=> $shares[$one] - $units[$one] ?: $one <=> $other);
        foreach (array_slice($order, 0, $whole - array_sum($units)) as $index) {
            $units[$index]++;
        }

        return array_values($units);
    }
}
