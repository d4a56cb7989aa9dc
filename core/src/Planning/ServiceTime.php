<?php

declare(strict_types=1);

namespace DeftBlade\Core\Planning;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Statistics\Normal;

/** How long one tray takes at the scale. The coefficient of variation counts for the lognormal shape only: fixed has none, exponential always 1. */
final readonly class ServiceTime
{
    private const LONGEST_S = 86_400;

    private const MOST_CV = 10;

    public function __construct(public float $meanS, public float $cv, public ServiceShape $shape) {}

    public static function read(Node $node): self
    {
        $node->keys(['mean_s', 'cv', 'shape']);

        return new self($node->at('mean_s')->positive(self::LONGEST_S), $node->at('cv')->number(0, self::MOST_CV), $node->at('shape')->oneOf(ServiceShape::class));
    }

    /** @return float seconds */
    public function draw(Chance $chance): float
    {
        return match ($this->shape) {
            ServiceShape::Fixed => $this->meanS,
            ServiceShape::Exponential => $chance->exponential($this->meanS),
            ServiceShape::Lognormal => $this->lognormal($chance),
        };
    }

    /** With mean m and coefficient of variation c: σ² = ln(1 + c²), μ = ln m − σ²/2. */
    private function lognormal(Chance $chance): float
    {
        $variance = log(1 + $this->cv ** 2);

        return exp(log($this->meanS) - $variance / 2 + sqrt($variance) * Normal::quantile($chance->share()));
    }
}
