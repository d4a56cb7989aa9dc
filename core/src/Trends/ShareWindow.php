<?php

declare(strict_types=1);

namespace DeftBlade\Core\Trends;

use DeftBlade\Core\Statistics\ChiSquared;
use DeftBlade\Core\Statistics\Normal;
use DeftBlade\Core\Statistics\Sample;

/** The share that a piece has of the school's own carcasses, robust against the odd tray, with a window that holds most of them (Howe 1969; NIST/SEMATECH e-Handbook, 7.2.6.3). */
final readonly class ShareWindow
{
    /** Makes the median of absolute deviations a standard deviation, of normal figures. */
    private const OF_NORMAL = 1.4826;

    private function __construct(public int $n, public ?float $median, public ?float $madSd, public ?float $k) {}

    /** @param list<float> $shares */
    public static function of(array $shares, float $coverage, float $confidence): self
    {
        $median = Sample::of($shares)->quantile(0.5);
        $off = $median === null ? null : Sample::of(array_map(static fn(float $it): float => abs($it - $median), $shares))->quantile(0.5);

        return new self(count($shares), $median, $off === null ? null : self::OF_NORMAL * $off, self::factor(count($shares), $coverage, $confidence));
    }

    /** √((n−1)(1+1/n)·z²/χ²); null of fewer than two. */
    public static function factor(int $n, float $coverage, float $confidence): ?float
    {
        return $n < 2 ? null : sqrt(($n - 1) * (1 + 1 / $n) * Normal::quantile((1 + $coverage) / 2) ** 2 / ChiSquared::quantile(1 - $confidence, $n - 1));
    }

    public function low(): ?float
    {
        return $this->median === null || $this->madSd === null || $this->k === null ? null : $this->median - $this->k * $this->madSd;
    }

    public function high(): ?float
    {
        return $this->median === null || $this->madSd === null || $this->k === null ? null : $this->median + $this->k * $this->madSd;
    }
}
