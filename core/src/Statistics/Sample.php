<?php

declare(strict_types=1);

namespace DeftBlade\Core\Statistics;

/** Figures that were observed, or drawn. What cannot be said of them is null. */
final readonly class Sample
{
    /** @param list<float> $sorted */
    private function __construct(private array $sorted) {}

    /** @param list<float|int> $values in any order */
    public static function of(array $values): self
    {
        $values = array_map(floatval(...), $values);
        sort($values);

        return new self($values);
    }

    public function mean(): ?float
    {
        return $this->sorted === [] ? null : array_sum($this->sorted) / count($this->sorted);
    }

    /** Linear between the order statistics (Hyndman and Fan 1996, definition 7). */
    public function quantile(float $share): ?float
    {
        if ($this->sorted === []) {
            return null;
        }
        $place = (count($this->sorted) - 1) * $share;
        $below = (int) floor($place);
        $above = min($below + 1, count($this->sorted) - 1);

        return $this->sorted[$below] + ($place - $below) * ($this->sorted[$above] - $this->sorted[$below]);
    }
}
