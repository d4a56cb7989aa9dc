<?php

declare(strict_types=1);

namespace DeftBlade\Core\Trends;

use DeftBlade\Core\Statistics\Interval;

/** The trays with one value of a factor beside all others: by how many points of the total they lie apart. */
final readonly class Difference
{
    /** @param Interval|null $points null where there are too few on one side to say */
    public function __construct(public Factor $factor, public string $value, public int $trays, public int $others, public ?Interval $points) {}

    /** No difference at all is not within what it may be. */
    public function standsOut(): bool
    {
        return $this->points !== null && ! $this->points->holds(0.0);
    }
}
