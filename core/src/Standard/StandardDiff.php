<?php

declare(strict_types=1);

namespace DeftBlade\Core\Standard;

use DeftBlade\Core\Carcass\Bin;
use DeftBlade\Core\Carcass\Piece;
use DeftBlade\Core\Carcass\Portions;
use DeftBlade\Core\Carcass\Window;
use DeftBlade\Core\Carcass\WindowBasis;

/** What one version of a standard asks for that the one before did not, in words. */
final readonly class StandardDiff
{
    private function __construct(private Standard $before, private Standard $after) {}

    /** @return list<string> nothing where both ask for the same */
    public static function between(Standard $before, Standard $after): array
    {
        $diff = new self($before, $after);

        return [
            ...self::change('Title', $before->title, $after->title),
            ...$diff->shares(),
            ...$diff->places(),
            ...$diff->movedParts(),
            ...$diff->windows(),
            ...$diff->portions(),
            ...$diff->criteria(),
            ...$diff->faults(),
            ...self::listed('Defect', array_column($before->defects, 'title', 'id'), array_column($after->defects, 'title', 'id')),
            ...self::change('Weigh alike', self::matches($before), self::matches($after)),
            ...self::change('Portion yield', self::yield($before), self::yield($after)),
            ...$diff->checkpoints(),
            ...self::change('Scrape', self::frame($before), self::frame($after)),
            ...self::change('Time', self::time($before), self::time($after)),
            ...self::change('Schools of practice', self::schools($before), self::schools($after)),
        ];
    }

    private static function schools(Standard $standard): string
    {
        $named = array_map(static fn(string $question, string $school): string => "$question $school", array_keys($standard->schools), $standard->schools);

        return implode(', ', $named) ?: 'those of the house';
    }

    /** @return list<string> */
    private function shares(): array
    {
        $changes = [];
        foreach ($this->after->carcass->parts as $id => $part) {
            $earlier = $this->before->carcass->parts[$id] ?? null;
            $changes[] = $earlier === null ? ["New part: {$part->title}"] : self::change("{$part->title}, share of the carcass", self::percent($earlier->share), self::percent($part->share));
        }
        foreach (array_diff_key($this->before->carcass->parts, $this->after->carcass->parts) as $part) {
            $changes[] = ["No longer a part: {$part->title}"];
        }

        return array_merge([], ...$changes);
    }

    /** @return list<string> */
    private function places(): array
    {
        $titles = static fn(Standard $it): array => array_map(static fn(Piece|Bin $place): string => $place->title, $it->cuts->pieces + $it->cuts->bins);

        return self::listed('Cut', $titles($this->before), $titles($this->after));
    }

    /** @return list<string> */
    private function movedParts(): array
    {
        $before = self::holders($this->before);
        $changes = [];
        foreach (self::holders($this->after) as $part => $holder) {
            if (isset($before[$part]) && $before[$part]->id !== $holder->id) {
                $changes[] = sprintf('%s: from %s to %s', $this->after->carcass->parts[$part]->title, lcfirst($before[$part]->title), lcfirst($holder->title));
            }
        }

        return $changes;
    }

    /** @return list<string> */
    private function windows(): array
    {
        $changes = [];
        foreach ($this->after->cuts->pieces as $id => $piece) {
            $earlier = $this->before->cuts->pieces[$id] ?? null;
            $changes[] = $earlier === null ? [] : self::change("{$piece->title}, window", self::window($earlier->window), self::window($piece->window));
        }

        return array_merge([], ...$changes);
    }

    /** @return list<string> */
    private function criteria(): array
    {
        $changes = [self::listed('Criterion', array_column($this->before->criteria, 'title', 'id'), array_column($this->after->criteria, 'title', 'id'))];
        foreach ($this->after->criteria as $id => $criterion) {
            $earlier = $this->before->criteria[$id] ?? null;
            if ($earlier === null) {
                continue;
            }
            $changes[] = self::change("{$criterion->title}, weight", (string) $earlier->weight, (string) $criterion->weight);
            $changes[] = self::change("{$criterion->title}, component", $earlier->component, $criterion->component);
            $changes[] = self::change("{$criterion->title}, steps", (string) count($earlier->levels), (string) count($criterion->levels));
            foreach ($criterion->levels as $step => $level) {
                $changes[] = self::change("{$criterion->title}, step ".($step + 1), $earlier->levels[$step]->text ?? $level->text, $level->text);
            }
        }

        return array_merge([], ...$changes);
    }

    /** @return list<string> */
    private function faults(): array
    {
        $changes = [self::listed('Fault', array_column($this->before->faults, 'title', 'id'), array_column($this->after->faults, 'title', 'id'))];
        $cost = static fn(Fault $it): string => "{$it->deduct} a mark, at most {$it->max}".($it->critical ? ', critical' : '');
        foreach ($this->after->faults as $id => $fault) {
            $earlier = $this->before->faults[$id] ?? null;
            $changes[] = $earlier === null ? [] : self::change($fault->title, $cost($earlier), $cost($fault));
        }

        return array_merge([], ...$changes);
    }

    /** @return array<string, Piece|Bin> the place that holds each part */
    private static function holders(Standard $standard): array
    {
        $holders = [];
        foreach ([...array_values($standard->cuts->pieces), ...array_values($standard->cuts->bins)] as $place) {
            $holders += array_fill_keys($place->parts, $place);
        }

        return $holders;
    }

    private static function window(Window $window): string
    {
        return $window->basis === WindowBasis::Share
            ? sprintf('%s–%s', round($window->low * 100, 2), self::percent($window->high))
            : sprintf('%s–%s g', round($window->low / 1000, 1), round($window->high / 1000, 1));
    }

    private static function matches(Standard $standard): string
    {
        $name = static fn(MatchGroup $it): string => implode(' and ', array_map($standard->titleOf(...), $it->pieces)).($it->tolerance === null ? '' : ' within '.self::percent($it->tolerance));

        return implode('; ', array_map($name, $standard->matches)) ?: 'none';
    }

    private static function yield(Standard $standard): string
    {
        return match (true) {
            ! $standard->countsYield => 'does not count',
            $standard->yield === null => 'as the house asks',
            default => sprintf('%s to %s', self::percent($standard->yield->floor), self::percent($standard->yield->target)),
        };
    }

    /** @return list<string> */
    private function checkpoints(): array
    {
        $changes = [self::listed('Checkpoint', array_column($this->before->checkpoints, 'title', 'id'), array_column($this->after->checkpoints, 'title', 'id'))];
        foreach (array_intersect_key($this->after->checkpoints, $this->before->checkpoints) as $id => $checkpoint) {
            $earlier = $this->before->checkpoints[$id];
            $changes[] = self::change("{$checkpoint->title}, judged there", $this->judgedAt($earlier, $this->before), $this->judgedAt($checkpoint, $this->after));
            $changes[] = self::change("{$checkpoint->title}, split", self::allowance($earlier->time), self::allowance($checkpoint->time));
        }

        return array_merge([], ...$changes);
    }

    private function judgedAt(Checkpoint $checkpoint, Standard $standard): string
    {
        return implode(', ', array_map(static fn(string $id): string => $standard->criteria[$id]->title, $checkpoint->criteria)) ?: 'nothing';
    }

    /** @return list<string> */
    private function portions(): array
    {
        $words = static fn(?Portions $it): string => match (true) {
            $it === null => 'one thing',
            $it->measure === null => "{$it->count}",
            default => "{$it->count}, {$it->measure->value} up to ".self::percent($it->limit),
        };
        $changes = [];
        foreach (array_intersect_key($this->after->cuts->pieces, $this->before->cuts->pieces) as $id => $piece) {
            $changes[] = self::change("{$piece->title}, portions", $words($this->before->cuts->pieces[$id]->portions), $words($piece->portions));
        }

        return array_merge([], ...$changes);
    }

    private static function frame(Standard $standard): string
    {
        return $standard->frame === null ? 'none' : "clean to {$standard->frame->clean->inGrams()}, limit {$standard->frame->limit->inGrams()}";
    }

    private static function time(Standard $standard): string
    {
        return self::allowance($standard->time);
    }

    private static function allowance(?TimeAllowance $time): string
    {
        return $time === null ? 'none' : sprintf('%s min, limit %s min', round($time->standardMs / 60_000, 1), round($time->limitMs / 60_000, 1));
    }

    private static function percent(float $share): string
    {
        return round($share * 100, 2).' %';
    }

    /** @return list<string> */
    private static function change(string $what, string $before, string $after): array
    {
        return $before === $after ? [] : ["$what: $before → $after"];
    }

    /**
     * @param array<string, string> $before titles by id
     * @param array<string, string> $after
     *
     * @return list<string>
     */
    private static function listed(string $what, array $before, array $after): array
    {
        return [
            ...array_values(array_map(static fn(string $title): string => "$what added: $title", array_diff_key($after, $before))),
            ...array_values(array_map(static fn(string $title): string => "$what gone: $title", array_diff_key($before, $after))),
        ];
    }
}
