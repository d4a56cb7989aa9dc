<?php

declare(strict_types=1);

namespace DeftBlade\Core\Agreement;

/** How far the totals of two assessors lie apart (Bland and Altman 1986): the mean difference, second less first, and the limits within which about 19 of 20 differences lie. */
final readonly class LimitsOfAgreement
{
    /** The normal quantile of 0.975. */
    private const WIDE = 1.96;

    /** @param float $sd of the differences, n − 1 */
    private function __construct(public float $bias, public float $sd) {}

    /** @param list<array{float, float}> $pairs at least two */
    public static function of(array $pairs): self
    {
        $differences = array_map(static fn(array $it): float => $it[1] - $it[0], $pairs);
        $bias = array_sum($differences) / count($differences);
        $squares = array_sum(array_map(static fn(float $it): float => ($it - $bias) ** 2, $differences));

        return new self($bias, sqrt($squares / (count($differences) - 1)));
    }

    public function lower(): float
    {
        return $this->bias - self::WIDE * $this->sd;
    }

    public function upper(): float
    {
        return $this->bias + self::WIDE * $this->sd;
    }

    /** @return array{bias: float, sd: float, lower: float, upper: float} */
    public function answer(): array
    {
        return ['bias' => $this->bias, 'sd' => $this->sd, 'lower' => $this->lower(), 'upper' => $this->upper()];
    }
}
