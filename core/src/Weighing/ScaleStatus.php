<?php

declare(strict_types=1);

namespace DeftBlade\Core\Weighing;

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
    public function refusal(): ?string
    {
        return match ($this) {
            self::Stable, self::StableAtZero => null,
            self::InMotion => 'the reading is still moving: wait until it is steady',
            self::UnderZero => 'the reading is below zero: clear the platform and zero the scale',
            self::OverLimit => 'the load is over the capacity of the scale: take it off and weigh in parts',
            self::NeedsCalibration => 'the scale asks to be calibrated',
            self::NeedsZeroing => 'the scale asks to be zeroed: clear the platform and zero it',
            self::Fault => 'the scale reports a fault',
        };
    }
}
