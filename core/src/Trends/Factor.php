<?php

declare(strict_types=1);

namespace DeftBlade\Core\Trends;

/** What a total should not go with, apart from the student's work. */
enum Factor: string
{
    case ExtraTime = 'extra_time';
    case Station = 'station';
    case Wave = 'wave';
    /** What the tray was weighed at. */
    case Scale = 'scale';
    case Assessor = 'assessor';
    case Delivery = 'delivery';
    /** What is written on its carcass, or on the box it came in: the same in one class only. */
    case Tag = 'tag';

    /** What means the same in every class. */
    public const OVER_CLASSES = [self::ExtraTime, self::Station, self::Wave, self::Scale, self::Assessor, self::Delivery];

    /** Whether so many trays with one value are a part of their class: a tag that one carcass has is that carcass, one that several have is a box. */
    public function isPart(int $trays): bool
    {
        return $this !== self::Tag || $trays > 1;
    }
}
