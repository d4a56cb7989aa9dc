<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

/** How the uncertainty of a weighing bears on a verdict (JCGM 106:2012, section 8: acceptance, guarded acceptance, guarded rejection). */
enum DecisionRule: string
{
    case Benefit = 'benefit';
    case Simple = 'simple';
    case Strict = 'strict';

    /** By how many guard bands the limits move outward. */
    public function outward(): int
    {
        return match ($this) {
            self::Benefit => 1,
            self::Simple => 0,
            self::Strict => -1,
        };
    }
}
