<?php

declare(strict_types=1);

namespace App\Roster;

/** One student as a file says; '' for what it does not say. */
final readonly class RosterRow
{
    public function __construct(
        public int $line,
        public string $number,
        public string $name,
        public string $family,
        public string $email,
        public string $course,
        public string $group,
        public string $term,
    ) {}

    /** "Larder 2, Sandpiper, autumn" */
    public function groupName(): string
    {
        return implode(', ', array_filter([$this->course, $this->group, $this->term]));
    }
}
