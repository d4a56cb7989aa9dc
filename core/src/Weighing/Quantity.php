<?php

declare(strict_types=1);

namespace DeftBlade\Core\Weighing;

/** A figure with its standard uncertainty: a share of the carcass, or a mass in mg. */
final readonly class Quantity
{
    private function __construct(public float $value, public float $uncertainty) {}

    public static function ofMass(Mass $mass, Scale $scale): self
    {
        return new self($mass->mg, $scale->standardUncertainty($mass->mg));
    }

    /**
     * A mass as a share of the carcass as purchased, uncorrelated inputs (JCGM 100:2008, 5.1.2).
     * Written so that a mass of nothing has an uncertainty too.
     */
    public static function ofShare(Mass $mass, Mass $asPurchased, Scale $scale): self
    {
        $share = $mass->mg / $asPurchased->mg;
        $ofMass = $scale->standardUncertainty($mass->mg) / $asPurchased->mg;
        $ofCarcass = $share * $scale->standardUncertainty($asPurchased->mg) / $asPurchased->mg;

        return new self($share, hypot($ofMass, $ofCarcass));
    }
}
