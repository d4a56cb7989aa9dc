<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

/** Figures as they stand in a reason. */
final class Figure
{
    public static function percent(float $share, int $places = 2): string
    {
        return self::plain($share * 100, $places).' %';
    }

    public static function plain(float $number, int $places = 2): string
    {
        return (string) round($number, $places);
    }

    public static function clock(float $ms): string
    {
        $seconds = (int) round($ms / 1000);

        return sprintf('%d:%02d', intdiv($seconds, 60), $seconds % 60);
    }
}
