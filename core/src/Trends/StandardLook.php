<?php

declare(strict_types=1);

namespace DeftBlade\Core\Trends;

use DeftBlade\Core\Carcass\Piece;
use DeftBlade\Core\Standard\Criterion;
use DeftBlade\Core\Standard\Standard;

/** What the marked trays say of the standard they were marked by. */
final readonly class StandardLook
{
    /** Of fewer trays nothing is found. */
    public const FEWEST = 20;

    /** Usual limits of item analysis (from memory: R. Ebel, Essentials of Educational Measurement, 1972): an item that nearly all or hardly any meet tells nobody apart, nor does one that goes with the rest by less than 0.2. */
    private const EASY = 0.95;

    private const HARD = 0.30;

    private const APART = 0.20;

    private const ALIKE = 0.90;

    private const HARDLY = 0.20;

    private const ALWAYS = 0.98;

    public Items $items;

    /** @var list<Criterion> that at least half of the trays were judged by; a new one would leave no tray without a gap */
    private array $compared;

    /** @param list<JudgedTray> $trays */
    public function __construct(private Standard $standard, private array $trays)
    {
        $this->compared = array_values(array_filter($standard->criteria, fn(Criterion $it): bool => $this->judged($it) > 0 && 2 * $this->judged($it) >= count($trays)));
        $this->items = Items::of(
            array_column(array_map(static fn(Criterion $it): array => [$it->id, $it->maxPoints], $this->compared), 1, 0),
            array_map(fn(JudgedTray $tray): array => array_map(static fn(Criterion $it): ?float => $tray->points[$it->id] ?? null, $this->compared), $trays),
        );
    }

    /** @return array<string, list<int>> how often each level was given, by criterion */
    public function given(): array
    {
        return array_map(fn(Criterion $it): array => array_map(fn(int $level): int => count(array_filter($this->trays, static fn(JudgedTray $tray): bool => in_array($level, $tray->levels[$it->id] ?? [], true))), array_keys($it->levels)), $this->standard->criteria);
    }

    /** @return list<WindowFigures> */
    public function windows(): array
    {
        return array_map(function (Piece $piece): WindowFigures {
            $weighed = array_values(array_filter(array_map(static fn(JudgedTray $it): ?bool => $it->within[$piece->id] ?? null, $this->trays), is_bool(...)));

            return new WindowFigures($piece->id, count($weighed), $weighed === [] ? null : count(array_filter($weighed)) / count($weighed));
        }, array_values($this->standard->cuts->pieces));
    }

    /** @return list<float> running times as shares of the standard time, the shortest first */
    public function times(): array
    {
        $times = array_values(array_filter(array_map(static fn(JudgedTray $it): ?float => $it->ofTime, $this->trays), is_float(...)));
        sort($times);

        return $times;
    }

    /** @return list<Finding> in the order of the kinds */
    public function findings(): array
    {
        $found = [...$this->ofCriteria(), ...$this->ofLevels(), ...$this->alike(), ...$this->ofWindows(), ...$this->ofTime()];
        $order = array_flip(array_column(FindingKind::cases(), 'value'));
        usort($found, static fn(Finding $a, Finding $b): int => $order[$a->kind->value] <=> $order[$b->kind->value]);

        return $found;
    }

    private function judged(Criterion $criterion): int
    {
        return count(array_filter($this->trays, static fn(JudgedTray $it): bool => isset($it->points[$criterion->id])));
    }

    /** @return list<Finding> */
    private function ofCriteria(): array
    {
        $found = [];
        foreach ($this->items->items() as $it) {
            $kind = match (true) {
                $it->n < self::FEWEST || $it->difficulty === null => null,
                $it->difficulty >= self::EASY => FindingKind::CriterionEasy,
                $it->difficulty <= self::HARD => FindingKind::CriterionHard,
                $it->discrimination !== null && $it->discrimination < self::APART => FindingKind::CriterionApart,
                default => null,
            };
            if ($kind !== null) {
                $found[] = new Finding($kind, $it->id, null, null, (float) ($kind === FindingKind::CriterionApart ? $it->discrimination : $it->difficulty), $it->n);
            }
        }

        return $found;
    }

    /** @return list<Finding> */
    private function ofLevels(): array
    {
        $found = [];
        foreach ($this->given() as $criterion => $counts) {
            $trays = $this->judged($this->standard->criteria[$criterion]);
            foreach ($trays < self::FEWEST ? [] : array_keys($counts, 0, true) as $level) {
                $found[] = new Finding(FindingKind::LevelNeverGiven, (string) $criterion, null, $level, 0.0, $trays);
            }
        }

        return $found;
    }

    /** @return list<Finding> */
    private function alike(): array
    {
        $found = [];
        foreach ($this->compared as $at => $one) {
            foreach (array_slice($this->compared, $at + 1, preserve_keys: true) as $otherAt => $other) {
                $correlation = $this->items->correlation($at, $otherAt);
                if ($this->items->trays() >= self::FEWEST && $correlation !== null && $correlation >= self::ALIKE) {
                    $found[] = new Finding(FindingKind::CriteriaAlike, $one->id, $other->id, null, $correlation, $this->items->trays());
                }
            }
        }

        return $found;
    }

    /** @return list<Finding> */
    private function ofWindows(): array
    {
        $found = [];
        foreach ($this->windows() as $it) {
            if ($it->n >= self::FEWEST && $it->within !== null && ($it->within <= self::HARDLY || $it->within >= self::ALWAYS)) {
                $found[] = new Finding($it->within <= self::HARDLY ? FindingKind::WindowHardlyMet : FindingKind::WindowAlwaysMet, $it->piece, null, null, $it->within, $it->n);
            }
        }

        return $found;
    }

    /** @return list<Finding> */
    private function ofTime(): array
    {
        $times = $this->times();
        if (count($times) < self::FEWEST) {
            return [];
        }
        $inTime = count(array_filter($times, static fn(float $it): bool => $it <= 1)) / count($times);
        $kind = match (true) {
            $inTime >= self::ALWAYS => FindingKind::TimeNotNeeded,
            $inTime <= self::HARDLY => FindingKind::TimeHardlyMet,
            default => null,
        };

        return $kind === null ? [] : [new Finding($kind, null, null, null, $inTime, count($times))];
    }
}
