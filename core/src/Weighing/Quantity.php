<?php

declare(strict_types=1);

namespace DeftBlade\Core\Weighing;

/** A figure with its standard uncertainty: a share of the carcass, or a mass in mg. */
final readonly class Quantity
{
    private function __construct(public float $value, public float $uncertainty) {}

    /** @param non-empty-list<Mass> $weighings of one piece, together or portion by portion */
    public static function ofMass(array $weighings, Scale $scale): self
    {
        return new self(Mass::sum($weighings)->mg, self::uncertaintyOf($weighings, $scale));
    }

    /**
     * A mass as a share of the carcass as purchased, uncorrelated inputs (JCGM 100:2008, 5.1.2).
     * Written so that a mass of nothing has an uncertainty too.
     *
     * @param non-empty-list<Mass> $weighings
     */
    public static function ofShare(array $weighings, Mass $asPurchased, Scale $scale): self
    {
        $share = Mass::sum($weighings)->mg / $asPurchased->mg;
        $ofMass = self::uncertaintyOf($weighings, $scale) / $asPurchased->mg;
        $ofCarcass = $share * $scale->standardUncertainty($asPurchased->mg) / $asPurchased->mg;

        return new self($share, hypot($ofMass, $ofCarcass));
    }

    /**
     * One scale errs the same way each time, so the uncertainties of several weighings add up (JCGM 100:2008, 5.2.2, note 1).
     *
     * @param non-empty-list<Mass> $weighings
     */
    private static function uncertaintyOf(array $weighings, Scale $scale): float
    {
        return array_sum(array_map(static fn(Mass $mass): float => $scale->standardUncertainty($mass->mg), $weighings));
    }
}
