<?php

declare(strict_types=1);

namespace DeftBlade\Core\Carcass;

enum PartKind: string
{
    case Meat = 'meat';
    case Bone = 'bone';
    /** Skin and fat. */
    case Fat = 'fat';

    /** Spread between carcasses where none is recorded, as a fraction of the part's share (from memory). */
    public function defaultSpread(): float
    {
        return match ($this) {
            self::Meat => 0.08,
            self::Bone => 0.10,
            self::Fat => 0.12,
        };
    }
}
