<?php

declare(strict_types=1);

namespace App\Roster;

use DeftBlade\Core\Message\Message;

/** What is wrong with one row of a file. */
final readonly class RowProblem
{
    public function __construct(public int $line, public Message $what) {}
}
