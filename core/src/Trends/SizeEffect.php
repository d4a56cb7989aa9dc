<?php

declare(strict_types=1);

namespace DeftBlade\Core\Trends;

use DeftBlade\Core\Statistics\Interval;

/** How a figure goes with the weight of the carcass: the total, or the share of one piece, for each kilogram more. */
final readonly class SizeEffect
{
    /**
     * @param string|null   $piece null of the total
     * @param Interval|null $perKg points, or share of AP; null where too few say it
     */
    public function __construct(public ?string $piece, public int $trays, public ?Interval $perKg) {}

    public function standsOut(): bool
    {
        return $this->perKg !== null && ! $this->perKg->holds(0.0);
    }
}
