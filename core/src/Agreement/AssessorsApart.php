<?php

declare(strict_types=1);

namespace DeftBlade\Core\Agreement;

/** How far the assessors of trays that were marked twice lie apart: by criterion, by pair, by person, and in the totals. */
final readonly class AssessorsApart
{
    /**
     * @param list<LevelTwice> $levels
     * @param list<TotalTwice> $totals
     */
    public function __construct(public array $levels, public array $totals) {}

    /**
     * @param array<string, int> $steps how many levels a criterion has, by its id
     *
     * @return list<LevelPairs> first and second round, in the order of the steps; those nobody judged twice are left out
     */
    public function criteria(array $steps): array
    {
        $pairs = [];
        foreach ($this->levels as $it) {
            $pairs[$it->criterion][] = [$it->first, $it->second];
        }
        $known = array_intersect_key($steps, $pairs);

        return array_map(static fn(string $id, int $count): LevelPairs => new LevelPairs($id, $count, $pairs[$id] ?? []), array_map(strval(...), array_keys($known)), $known);
    }

    /** @return list<AssessorPair> those with the most criteria judged twice first */
    public function pairs(): array
    {
        $levels = $totals = $people = [];
        foreach ($this->levels as $it) {
            [$key, $isTurned] = self::pair($it->firstBy, $it->secondBy);
            $people[$key] = $isTurned ? [$it->secondBy, $it->firstBy] : [$it->firstBy, $it->secondBy];
            $levels[$key][] = $isTurned ? [$it->second, $it->first] : [$it->first, $it->second];
        }
        foreach ($this->totals as $it) {
            [$key, $isTurned] = self::pair($it->firstBy, $it->secondBy);
            $people[$key] = $isTurned ? [$it->secondBy, $it->firstBy] : [$it->firstBy, $it->secondBy];
            $totals[$key][] = $isTurned ? [$it->second, $it->first] : [$it->first, $it->second];
        }
        $found = [];
        foreach ($people as $key => [$one, $other]) {
            $given = $levels[$key] ?? [];
            $found[] = new AssessorPair($one, $other, new LevelPairs($key, 1 + max([0, ...array_column($given, 0), ...array_column($given, 1)]), $given), $totals[$key] ?? []);
        }
        usort($found, static fn(AssessorPair $a, AssessorPair $b): int => [count($b->levels->pairs), $a->levels->id] <=> [count($a->levels->pairs), $b->levels->id]);

        return $found;
    }

    /** @return list<Severity> by person, those with the most trays first */
    public function severities(): array
    {
        $differences = [];
        foreach ($this->totals as $it) {
            $differences[$it->firstBy][] = $it->first - $it->second;
            $differences[$it->secondBy][] = $it->second - $it->first;
        }
        $found = array_map(Severity::of(...), array_map(strval(...), array_keys($differences)), $differences);
        usort($found, static fn(Severity $a, Severity $b): int => [$b->trays, $a->person] <=> [$a->trays, $b->person]);

        return $found;
    }

    /** First and second round; null on fewer than two trays. */
    public function ratedTotals(): ?RatedTotals
    {
        return count($this->totals) < 2 ? null : new RatedTotals(array_map(static fn(TotalTwice $it): array => [$it->first, $it->second], $this->totals));
    }

    /** @return array{string, bool} the key of a pair, and whether the two are named the other way round in it */
    private static function pair(string $first, string $second): array
    {
        return strcmp($first, $second) <= 0 ? ["$first $second", false] : ["$second $first", true];
    }
}
