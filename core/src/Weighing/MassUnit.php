<?php

declare(strict_types=1);

namespace DeftBlade\Core\Weighing;

/** Units a mass is entered and shown in. International avoirdupois pound: 0.453 592 37 kg exactly (1959 agreement). */
enum MassUnit: string
{
    case Gram = 'g';
    case Kilogram = 'kg';
    case Ounce = 'oz';
    case Pound = 'lb';

    /** Milligrams in one of this unit; every one of these is exact in binary floating point or within 1e-9 mg of it. */
    public function milligrams(): float
    {
        return match ($this) {
            self::Gram => 1_000.0,
            self::Kilogram => 1_000_000.0,
            self::Ounce => 453_592.37 / 16,
            self::Pound => 453_592.37,
        };
    }
}
