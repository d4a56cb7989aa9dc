<?php

declare(strict_types=1);

namespace App\Models;

enum Role: string
{
    case Instructor = 'instructor';
    case Assessor = 'assessor';
    case Coordinator = 'coordinator';
    case Student = 'student';

    /** May see every attempt of the school. */
    public function isStaff(): bool
    {
        return $this !== self::Student;
    }

    /** May take captures down. */
    public function mayCapture(): bool
    {
        return $this === self::Instructor || $this === self::Assessor;
    }

    /** May publish standards of the school. */
    public function mayPublish(): bool
    {
        return $this === self::Instructor;
    }

    /** May choose words, units, time zone and variants for the school. */
    public function mayChoose(): bool
    {
        return $this === self::Instructor || $this === self::Coordinator;
    }

    /** May set the terms an attempt is made under: time allowance, resit, station, standard. */
    public function maySetTerms(): bool
    {
        return $this === self::Instructor || $this === self::Coordinator;
    }

    /** May invite people, give roles, let people leave, and see what was changed by whom. */
    public function mayManagePeople(): bool
    {
        return $this === self::Coordinator;
    }

    /** May bring in and change groups and students. */
    public function mayEnrol(): bool
    {
        return $this === self::Coordinator || $this === self::Instructor;
    }

    /** May release results to students. */
    public function mayRelease(): bool
    {
        return $this === self::Instructor || $this === self::Coordinator;
    }
}
