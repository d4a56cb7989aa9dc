<?php

declare(strict_types=1);

namespace DeftBlade\Core\Weighing;

use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;

/** Scale status class of the USB-IF HID Point of Sale usage tables 1.02, page 0x8D, usages 0x71 to 0x78, as reported (index in the class). */
enum ScaleStatus: int
{
    case Fault = 1;
    case StableAtZero = 2;
    case InMotion = 3;
    case Stable = 4;
    case UnderZero = 5;
    case OverLimit = 6;
    case NeedsCalibration = 7;
    case NeedsZeroing = 8;

    /** Why a reading in this state cannot be taken, or null where it can. */
    public function refusal(): ?Message
    {
        $code = match ($this) {
            self::Stable, self::StableAtZero => null,
            self::InMotion => MessageCode::ScaleInMotion,
            self::UnderZero => MessageCode::ScaleUnderZero,
            self::OverLimit => MessageCode::ScaleOverLimit,
            self::NeedsCalibration => MessageCode::ScaleNeedsCalibration,
            self::NeedsZeroing => MessageCode::ScaleNeedsZeroing,
            self::Fault => MessageCode::ScaleFault,
        };

        return $code === null ? null : Message::of($code);
    }
}
