<?php

declare(strict_types=1);

namespace DeftBlade\Core\School;

/** Who sees how much a student practises. What they answer and weigh is theirs alone either way. */
enum PracticeShown: string
{
    /** Only the student: what is watched is not tried. */
    case Own = 'own';
    case Staff = 'staff';

    public function isShown(): bool
    {
        return $this === self::Staff;
    }
}
