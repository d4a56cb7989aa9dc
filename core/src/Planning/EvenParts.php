<?php

declare(strict_types=1);

namespace DeftBlade\Core\Planning;

/** Splits a number of things into parts as even as they can be. */
final class EvenParts
{
    /**
     * @param int $count 0 or more
     * @param int $parts 1 or more; fewer are made where there are fewer things
     *
     * @return list<int> how many things each part has: as many as the others, the first ones one more
     */
    public static function of(int $count, int $parts): array
    {
        $sizes = [];
        $made = min($count, $parts);
        for ($part = 0; $part < $made; $part++) {
            $sizes[] = intdiv($count, $made) + ($part < $count % $made ? 1 : 0);
        }

        return $sizes;
    }
}
