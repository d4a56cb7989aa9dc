<?php

declare(strict_types=1);

namespace DeftBlade\Core\Vocabulary;

use DeftBlade\Core\Weighing\Mass;
use DeftBlade\Core\Weighing\MassUnit;

/** What a school weighs in when it speaks; what is stored is always mg. */
enum Units: string
{
    case Metric = 'metric';
    case Us = 'us';

    private const ML_PER_QUART = 946.352946;

    private const ML_PER_LITRE = 1_000;

    /** "267 g"; "9.42 oz" up to a pound, "4 lb 3 oz" from there. */
    public function mass(Mass $mass): string
    {
        return match (true) {
            $this === self::Metric => $mass->format(MassUnit::Gram),
            $mass->mg < MassUnit::Pound->milligrams() => $mass->format(MassUnit::Ounce),
            default => $mass->format(MassUnit::Pound),
        };
    }

    /** "750 ml", "15.4 l"; in quarts of 946.352946 ml (NIST Handbook 44, Appendix C) where ounces are said: "16.2 qt". */
    public function volume(int $ml): string
    {
        return match (true) {
            $this === self::Us => round($ml / self::ML_PER_QUART, 1).' qt',
            $ml < self::ML_PER_LITRE => "$ml ml",
            default => round($ml / self::ML_PER_LITRE, 1).' l',
        };
    }

    /** From one mass to another; a unit both share is said once. */
    public function range(Mass $low, Mass $high): string
    {
        return ($this === self::Metric ? substr($this->mass($low), 0, -2) : $this->mass($low)).' to '.$this->mass($high);
    }

    /** The unit that columns of figures are in. */
    public function column(): MassUnit
    {
        return $this === self::Metric ? MassUnit::Gram : MassUnit::Ounce;
    }
}
