<?php

declare(strict_types=1);

namespace DeftBlade\Core\Quiz;

/** How an answer stood to what is right. */
enum HowAnswered: string
{
    case Right = 'right';
    /** A mass that lies beside its window, by no more than the window is wide. */
    case Near = 'near';
    case Missed = 'missed';

    /** 0 to 5, as repetition counts it. */
    public function quality(): int
    {
        return match ($this) {
            self::Right => 5,
            self::Near => 3,
            self::Missed => 1,
        };
    }
}
