<?php

declare(strict_types=1);

namespace DeftBlade\Core\Agreement;

use DeftBlade\Core\Json\Node;

/** The levels that two assessors gave for one criterion, tray by tray. */
final readonly class LevelPairs
{
    private const MOST_LEVELS = 100;

    /**
     * @param int                   $levels how many the criterion has
     * @param list<array{int, int}> $pairs  first and second, 0-based
     */
    public function __construct(public string $id, public int $levels, public array $pairs) {}

    public static function read(Node $node): self
    {
        $node->keys(['id', 'levels', 'pairs']);
        $levels = $node->at('levels')->integer(1, self::MOST_LEVELS);
        $pairs = [];
        foreach ($node->at('pairs')->items() as $pair) {
            $marks = $pair->itemsOfCount(2);
            $pairs[] = [$marks[0]->integer(0, $levels - 1), $marks[1]->integer(0, $levels - 1)];
        }

        return new self($node->at('id')->identifier(), $levels, $pairs);
    }

    /** The share of pairs that are equal; null where there are none. */
    public function exact(): ?float
    {
        return $this->mean(static fn(int $first, int $second): int => $first === $second ? 1 : 0);
    }

    /** Second less first, on average; null where there are none. */
    public function meanDifference(): ?float
    {
        return $this->mean(static fn(int $first, int $second): int => $second - $first);
    }

    /**
     * Kappa with quadratic weights (Cohen 1968): 1 less the squared differences there are over those that chance would give. Null where chance would give none.
     */
    public function kappa(): ?float
    {
        $firsts = array_count_values(array_column($this->pairs, 0));
        $seconds = array_count_values(array_column($this->pairs, 1));
        $chance = 0;
        foreach ($firsts as $first => $times) {
            foreach ($seconds as $second => $often) {
                $chance += $times * $often * ($first - $second) ** 2;
            }
        }
        $observed = count($this->pairs) * array_sum(array_map(static fn(array $it): int => ($it[0] - $it[1]) ** 2, $this->pairs));

        return $chance === 0 ? null : 1 - $observed / $chance;
    }

    /** @return array{id: string, n: int, exact: float|null, mean_difference: float|null, kappa: float|null} */
    public function answer(): array
    {
        return ['id' => $this->id, 'n' => count($this->pairs), 'exact' => $this->exact(), 'mean_difference' => $this->meanDifference(), 'kappa' => $this->kappa()];
    }

    /** @param callable(int, int): int $of */
    private function mean(callable $of): ?float
    {
        return $this->pairs === [] ? null : array_sum(array_map(static fn(array $it): int => $of(...$it), $this->pairs)) / count($this->pairs);
    }
}
