<?php

declare(strict_types=1);

namespace App\Http\Prints;

use DeftBlade\Core\Vocabulary\Units;

/** What labels of lots are printed on: a sheet to cut up, or one label at a time. */
enum LabelSize: string
{
    case A4 = 'a4';
    case Letter = 'letter';
    /** A roll of labels of 62 by 40 mm. */
    case Single = 'single';

    public static function usualWith(Units $units): self
    {
        return self::from(Paper::usualWith($units)->value);
    }

    public function paper(): Paper
    {
        return Paper::tryFrom($this->value) ?? Paper::A4;
    }
}
