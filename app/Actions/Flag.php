<?php

declare(strict_types=1);

namespace App\Actions;

/** What stands out about a tray in a list. */
enum Flag: string
{
    case Provisional = 'provisional';
    case Borderline = 'borderline';
    case NotSecondMarked = 'not_second_marked';
    case OutOfBalance = 'out_of_balance';
    case MixUp = 'mix_up';
    case Capped = 'capped';

    public function label(): string
    {
        return match ($this) {
            self::Provisional => 'provisional',
            self::Borderline => 'borderline',
            self::NotSecondMarked => 'not second-marked',
            self::OutOfBalance => 'out of balance',
            self::MixUp => 'mix-up?',
            self::Capped => 'capped',
        };
    }
}
