<?php

declare(strict_types=1);

namespace App\Http\Prints;

use DeftBlade\Core\Vocabulary\Units;

/** The paper prints are laid out for. */
enum Paper: string
{
    case A4 = 'a4';
    case Letter = 'letter';

    /** Where grams are said there is A4 in the printer, and Letter where ounces are. */
    public static function usualWith(Units $units): self
    {
        return $units === Units::Metric ? self::A4 : self::Letter;
    }
}
