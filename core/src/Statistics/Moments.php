<?php

declare(strict_types=1);

namespace DeftBlade\Core\Statistics;

/** Figures by their means and how they spread, alone and with others. What cannot be said is null. */
final readonly class Moments
{
    /** @param list<float> $values */
    private function __construct(private array $values) {}

    /** @param list<int|float> $values */
    public static function of(array $values): self
    {
        return new self(array_map(floatval(...), $values));
    }

    public function mean(): ?float
    {
        return $this->values === [] ? null : array_sum($this->values) / count($this->values);
    }

    /** Of a sample: over n − 1. Null of fewer than two. */
    public function variance(): ?float
    {
        return $this->covariance($this);
    }

    /** Of a sample, with as many others. Null of fewer than two. */
    public function covariance(self $other): ?float
    {
        $n = count($this->values);
        if ($n < 2 || $n !== count($other->values)) {
            return null;
        }
        if ($this->isConstant() || $other->isConstant()) {
            return 0.0;
        }
        [$mean, $otherMean] = [$this->mean(), $other->mean()];

        return array_sum(array_map(static fn(float $it, float $of): float => ($it - $mean) * ($of - $otherMean), $this->values, $other->values)) / ($n - 1);
    }

    /** Pearson's; null where one of the two does not vary. */
    public function correlation(self $other): ?float
    {
        $spread = sqrt(($this->variance() ?? 0.0) * ($other->variance() ?? 0.0));

        return $spread > 0 ? $this->covariance($other) / $spread : null;
    }

    /** A mean is rounded: figures that are all the same would seem to vary a little about it. */
    private function isConstant(): bool
    {
        return $this->values === [] || max($this->values) === min($this->values);
    }
}
