<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;

/** Why a second assessor should look at a tray. */
enum TwiceCause: string
{
    case Borderline = 'borderline';
    case LowestBand = 'lowest_band';
    case Capped = 'capped';
    case InTraining = 'in_training';
    case Drawn = 'drawn';

    public function message(): Message
    {
        return Message::of(match ($this) {
            self::Borderline => MessageCode::TwiceBorderline,
            self::LowestBand => MessageCode::TwiceLowestBand,
            self::Capped => MessageCode::TwiceCapped,
            self::InTraining => MessageCode::TwiceInTraining,
            self::Drawn => MessageCode::TwiceDrawn,
        });
    }
}
