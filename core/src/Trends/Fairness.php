<?php

declare(strict_types=1);

namespace DeftBlade\Core\Trends;

use DeftBlade\Core\Statistics\Interval;
use DeftBlade\Core\Statistics\Line;
use DeftBlade\Core\Statistics\MeanDifference;

/**
 * Whether totals go with what they should not go with. Trays are compared within their own class only, so that a hard day or another standard does not look like a
 * station or a person; all of a class come with one delivery, so that for deliveries the means of classes are compared.
 */
final readonly class Fairness
{
    /** Fewer trays on one side say nothing, and would point at somebody. */
    public const FEWEST = 5;

    public const CONFIDENCE = 0.95;

    private const MG_PER_KG = 1_000_000;

    /**
     * @param list<FactorTray> $trays
     * @param int              $fewest trays on each side that are compared
     */
    public function __construct(private array $trays, private int $fewest = self::FEWEST) {}

    public function trays(): int
    {
        return count($this->trays);
    }

    /** @return list<Difference> of every value that at least one tray has and one has not, in their natural order */
    public function differences(Factor $factor): array
    {
        $values = [];
        foreach ($this->trays as $it) {
            foreach ($it->values[$factor->value] ?? [] as $value) {
                $values[$value] = $value;
            }
        }
        ksort($values, SORT_NATURAL);
        $differences = array_map(fn(string $it): Difference => $factor === Factor::Delivery ? $this->ofClasses($it) : $this->withinClasses($factor, $it), array_values($values));

        return array_values(array_filter($differences, static fn(Difference $it): bool => $it->others > 0));
    }

    /** The total for each kilogram that a carcass is heavier. */
    public function bySize(): SizeEffect
    {
        return new SizeEffect(null, count($this->trays), self::goesWithSize($this->trays, static fn(FactorTray $it): float => $it->total));
    }

    /** The share of one piece for each kilogram that a carcass is heavier: windows that are shares fit every size only where it stays the same. */
    public function pieceBySize(string $piece): SizeEffect
    {
        $with = array_values(array_filter($this->trays, static fn(FactorTray $it): bool => isset($it->masses[$piece])));

        return new SizeEffect($piece, count($with), self::goesWithSize($with, static fn(FactorTray $it): float => $it->masses[$piece] / $it->apMg));
    }

    /** The trays with a value beside those of the same classes without it. */
    private function withinClasses(Factor $factor, string $value): Difference
    {
        $sides = [];
        foreach ($this->trays as $it) {
            $sides[$it->class][(int) $it->has($factor, $value)] = true;
        }
        $compared = array_values(array_filter($this->trays, static fn(FactorTray $it): bool => count($sides[$it->class]) === 2));
        $has = array_map(static fn(FactorTray $it): float => $it->has($factor, $value) ? 1.0 : 0.0, $compared);
        [$with, $without] = [(int) array_sum($has), count($has) - (int) array_sum($has)];
        $isEnough = min($with, $without) >= $this->fewest;

        return new Difference($factor, $value, $with, $without, $isEnough ? Line::within(self::classes($compared), $has, array_map(static fn(FactorTray $it): float => $it->total, $compared), self::CONFIDENCE) : null);
    }

    /** The mean totals of classes with one delivery beside those of the others. */
    private function ofClasses(string $value): Difference
    {
        $totals = $with = $count = [];
        foreach ($this->trays as $it) {
            $totals[$it->class][] = $it->total;
            $with[$it->class] = $it->has(Factor::Delivery, $value);
            $count[] = $with[$it->class];
        }
        $means = array_map(static fn(array $of): float => array_sum($of) / count($of), $totals);
        $ones = array_values(array_intersect_key($means, array_filter($with)));
        $others = array_values(array_diff_key($means, array_filter($with)));
        $isEnough = min(count($ones), count($others)) >= $this->fewest;

        return new Difference(Factor::Delivery, $value, count(array_filter($count)), count($count) - count(array_filter($count)), $isEnough ? MeanDifference::between($ones, $others, self::CONFIDENCE) : null);
    }

    /**
     * @param list<FactorTray>            $trays
     * @param callable(FactorTray): float $figure
     */
    private static function goesWithSize(array $trays, callable $figure): ?Interval
    {
        return count($trays) < 2 * self::FEWEST ? null : Line::within(self::classes($trays), array_map(static fn(FactorTray $it): float => $it->apMg / self::MG_PER_KG, $trays), array_map($figure, $trays), self::CONFIDENCE);
    }

    /**
     * @param list<FactorTray> $trays
     *
     * @return list<string>
     */
    private static function classes(array $trays): array
    {
        return array_map(static fn(FactorTray $it): string => $it->class, $trays);
    }
}
