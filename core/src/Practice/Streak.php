<?php

declare(strict_types=1);

namespace DeftBlade\Core\Practice;

/** How many days in a row something was practised, up to today; one that only today is missing from has not ended. */
final class Streak
{
    /**
     * @param list<int> $days  since 1970, in any order
     * @param int       $today likewise
     */
    public static function of(array $days, int $today): int
    {
        $practised = array_fill_keys($days, true);
        $last = isset($practised[$today]) ? $today : $today - 1;
        for ($length = 0; isset($practised[$last - $length]); $length++);

        return $length;
    }
}
