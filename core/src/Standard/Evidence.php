<?php

declare(strict_types=1);

namespace DeftBlade\Core\Standard;

/** What a criterion can be judged from, when the hour is over. */
enum Evidence: string
{
    /** Only from watching the student at work. */
    case Watching = 'watching';
    /** From the tray in the hand; a photograph shows a part of it. */
    case Tray = 'tray';
    case Photograph = 'photograph';
    /** From what the student wrote. */
    case Writing = 'writing';

    /** By the component a criterion counts in (common practice). */
    public static function ofComponent(string $component): self
    {
        return match ($component) {
            'mise', 'sanitation', 'safety' => self::Watching,
            'quality', 'presentation' => self::Photograph,
            default => self::Tray,
        };
    }
}
