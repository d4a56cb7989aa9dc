<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Student;
use App\Roster\RosterRow;
use DeftBlade\Core\Message\Message;

/** What one row of a file would do. */
final readonly class RosterChange
{
    /**
     * @param Student|null  $student null where the row is a new student
     * @param list<Message> $changes none where the student is as the row says
     */
    public function __construct(public RosterRow $row, public ?Student $student, public array $changes) {}

    public function isNew(): bool
    {
        return $this->student === null;
    }

    public function changes(): bool
    {
        return $this->student === null || $this->changes !== [];
    }
}
