<?php

declare(strict_types=1);

namespace App\Brief;

/** Station numbers in words. */
final class Stations
{
    /**
     * @param list<int> $stations
     *
     * @return string neighbours as a stretch: "1–6, 9"
     */
    public static function inWords(array $stations): string
    {
        sort($stations);
        $stretches = [];
        foreach ($stations as $station) {
            $last = array_key_last($stretches);
            $last !== null && $stretches[$last][1] === $station - 1 ? $stretches[$last][1] = $station : $stretches[] = [$station, $station];
        }

        return implode(', ', array_map(static fn(array $it): string => $it[0] === $it[1] ? (string) $it[0] : "{$it[0]}–{$it[1]}", $stretches));
    }
}
