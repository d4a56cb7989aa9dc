<?php

declare(strict_types=1);

namespace DeftBlade\Core\Agreement;

use DeftBlade\Core\Statistics\FDistribution;

/**
 * The totals that k assessors gave n trays, each all of them: two-way random effects, absolute agreement of a single mark. ICC(2,1) of Shrout and Fleiss 1979; its
 * interval is that of McGraw and Wong 1996, case A,1.
 */
final readonly class RatedTotals
{
    public int $trays;

    public int $raters;

    /** Mean squares between trays, between assessors, and of what is left. */
    private float $rows;

    private float $columns;

    private float $error;

    /** @param non-empty-list<list<float>> $totals a row a tray, at least two, of at least two assessors */
    public function __construct(public array $totals)
    {
        $this->trays = count($totals);
        $this->raters = count($totals[0]);
        $mean = array_sum(array_map(array_sum(...), $totals)) / ($this->trays * $this->raters);
        $ofRows = array_map(fn(array $row): float => array_sum($row) / $this->raters, $totals);
        $ofColumns = array_map(fn(int $column): float => array_sum(array_column($totals, $column)) / $this->trays, range(0, $this->raters - 1));
        $left = 0.0;
        foreach ($totals as $tray => $row) {
            foreach ($row as $rater => $total) {
                $left += ($total - $ofRows[$tray] - $ofColumns[$rater] + $mean) ** 2;
            }
        }
        $this->rows = $this->raters * self::squares($ofRows, $mean) / ($this->trays - 1);
        $this->columns = $this->trays * self::squares($ofColumns, $mean) / ($this->raters - 1);
        $this->error = $left / (($this->trays - 1) * ($this->raters - 1));
    }

    /** Null where no total differs from another. */
    public function icc(): ?float
    {
        $whole = $this->rows + ($this->raters - 1) * $this->error + $this->raters * ($this->columns - $this->error) / $this->trays;

        return $whole <= 0 ? null : ($this->rows - $this->error) / $whole;
    }

    /** @return array{float, float}|null from and to; null where there is no ICC, or its interval has no degrees of freedom */
    public function interval(float $confidence): ?array
    {
        $icc = $this->icc();
        if ($icc === null || $icc === 1.0) {
            return $icc === null ? null : [1.0, 1.0];
        }
        [$n, $k, $share] = [$this->trays, $this->raters, 1 - (1 - $confidence) / 2];
        $columns = $k * $icc / ($n * (1 - $icc)) * $this->columns;
        $error = (1 + $k * $icc * ($n - 1) / ($n * (1 - $icc))) * $this->error;
        $spread = $columns ** 2 / ($k - 1) + $error ** 2 / (($n - 1) * ($k - 1));
        $freedom = $spread <= 0 ? 0.0 : ($columns + $error) ** 2 / $spread;
        if ($freedom <= 0) {
            return null;
        }
        $between = $k * $this->columns + ($k * $n - $k - $n) * $this->error;
        $low = FDistribution::quantile($share, $n - 1, $freedom);
        $high = FDistribution::quantile($share, $freedom, $n - 1);

        return [$n * ($this->rows - $low * $this->error) / ($low * $between + $n * $this->rows), $n * ($high * $this->rows - $this->error) / ($between + $n * $high * $this->rows)];
    }

    /** Of two assessors; null of more. */
    public function limits(): ?LimitsOfAgreement
    {
        return $this->raters === 2 ? LimitsOfAgreement::of(array_map(static fn(array $row): array => [$row[0] ?? 0.0, $row[1] ?? 0.0], $this->totals)) : null;
    }

    /** @return array<string, mixed> */
    public function answer(float $confidence): array
    {
        [$low, $high] = $this->interval($confidence) ?? [null, null];

        return ['n' => $this->trays, 'raters' => $this->raters, 'icc' => $this->icc(), 'low' => $low, 'high' => $high, 'bland_altman' => $this->limits()?->answer()];
    }

    /** @param list<float> $means */
    private static function squares(array $means, float $mean): float
    {
        return array_sum(array_map(static fn(float $it): float => ($it - $mean) ** 2, $means));
    }
}
