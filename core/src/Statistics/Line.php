<?php

declare(strict_types=1);

namespace DeftBlade\Core\Statistics;

/** How one figure goes with another: the slope of the line of least squares (NIST/SEMATECH e-Handbook, 4.1.4.1), where there are groups within each of them. */
final class Line
{
    /** A mean is rounded: figures that are all the same would seem to vary a little about it. */
    private const NOTHING = 1e-18;

    /**
     * @param list<float> $x
     * @param list<float> $y as many
     *
     * @return Interval|null null of fewer than three, or where x does not vary
     */
    public static function slope(array $x, array $y, float $confidence): ?Interval
    {
        return self::within(array_fill(0, count($x), ''), $x, $y, $confidence);
    }

    /**
     * The one slope of lines that have a height of their own in each group: x and y are taken off the means of their group (Frisch and Waugh 1933).
     *
     * @param list<string> $groups as many
     * @param list<float>  $x
     * @param list<float>  $y      as many
     *
     * @return Interval|null null where x varies within no group, or nothing is left to say how surely
     */
    public static function within(array $groups, array $x, array $y, float $confidence): ?Interval
    {
        [$x, $y] = [self::offMeans($groups, $x), self::offMeans($groups, $y)];
        $spread = self::product($x, $x);
        $degrees = count($x) - count(array_unique($groups)) - 1;
        if ($degrees < 1 || $spread <= self::NOTHING) {
            return null;
        }
        $slope = self::product($x, $y) / $spread;
        $left = array_map(static fn(float $at, float $value): float => $value - $slope * $at, $x, $y);
        $wide = StudentT::within($confidence, $degrees) * sqrt(self::product($left, $left) / $degrees / $spread);

        return new Interval($slope, $slope - $wide, $slope + $wide);
    }

    /**
     * @param list<float> $ones
     * @param list<float> $others as many
     */
    private static function product(array $ones, array $others): float
    {
        return array_sum(array_map(static fn(float $one, float $other): float => $one * $other, $ones, $others));
    }

    /**
     * @param list<string> $groups
     * @param list<float>  $values
     *
     * @return list<float>
     */
    private static function offMeans(array $groups, array $values): array
    {
        $sums = $counts = [];
        foreach ($groups as $index => $group) {
            $sums[$group] = ($sums[$group] ?? 0.0) + $values[$index];
            $counts[$group] = ($counts[$group] ?? 0) + 1;
        }

        return array_map(static fn(string $group, float $value): float => $value - $sums[$group] / $counts[$group], $groups, $values);
    }
}
