<?php

declare(strict_types=1);

namespace DeftBlade\Core\Carcass;

use DeftBlade\Core\Weighing\Mass;

/** What a set of parts should weigh, as shares of the carcass as purchased: the mean and its standard deviation. */
final readonly class Expectation
{
    public function __construct(public float $share, public float $sd) {}

    public function massFor(Mass $asPurchased): Mass
    {
        return Mass::ofMilligrams((int) round($asPurchased->mg * $this->share));
    }
}
