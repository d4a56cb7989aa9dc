<?php

declare(strict_types=1);

namespace App\Actions;

use DeftBlade\Core\Agreement\RatedTotals;

/** The classes of some days graded under another policy. */
final readonly class TriedTerm
{
    /**
     * @param list<TriedClass> $classes the latest first
     * @param list<string>     $bands   of that policy, the highest first
     */
    public function __construct(public array $classes, private array $bands) {}

    /** @return list<TriedResult> of the classes that can be graded by it */
    public function results(): array
    {
        return array_merge([], ...array_map(static fn(TriedClass $it): array => $it->results, $this->classes));
    }

    /** @return array<string, array{int, int}> results before and after, by band; those of that policy first */
    public function bands(): array
    {
        $counts = array_fill_keys($this->bands, [0, 0]);
        foreach ($this->results() as $it) {
            foreach ([$it->attempt->row->band, $it->band] as $side => $band) {
                if ($band !== null) {
                    $counts[$band] ??= [0, 0];
                    $counts[$band][$side]++;
                }
            }
        }

        return $counts;
    }

    /** Trays that two assessors totalled, before and after. */
    public function twice(): int
    {
        return count($this->totalledTwice());
    }

    /** ICC(2,1) of the totals of both looks, before; null on fewer than two trays, or where none differs. */
    public function iccBefore(): ?float
    {
        return self::icc(array_column($this->totalledTwice(), 0));
    }

    /** The same under that policy. */
    public function iccAfter(): ?float
    {
        return self::icc(array_column($this->totalledTwice(), 1));
    }

    /** @return list<array{list<float>, list<float>}> first and second total, before and after */
    private function totalledTwice(): array
    {
        $twice = [];
        foreach ($this->results() as $it) {
            [$first, $second] = [data_get($it->attempt->row->looks, 'first_total'), data_get($it->attempt->row->looks, 'second_total')];
            if (is_numeric($first) && is_numeric($second) && $it->looks?->firstTotal !== null && $it->looks->secondTotal !== null) {
                $twice[] = [[(float) $first, (float) $second], [$it->looks->firstTotal, $it->looks->secondTotal]];
            }
        }

        return $twice;
    }

    /** @param list<list<float>> $totals */
    private static function icc(array $totals): ?float
    {
        return count($totals) < 2 ? null : (new RatedTotals($totals))->icc();
    }
}
