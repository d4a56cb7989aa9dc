<?php

declare(strict_types=1);

namespace App\Actions;

use App\Roster\RosterFile;
use App\Roster\RowProblem;

/** What an import would do, row by row, and what is wrong with it. */
final readonly class RosterPlan
{
    /**
     * @param list<RosterChange> $changes  of the rows that are right
     * @param list<RowProblem>   $problems by line
     */
    public function __construct(public RosterFile $file, public array $changes, public array $problems) {}

    public function countNew(): int
    {
        return count(array_filter($this->changes, static fn(RosterChange $it): bool => $it->isNew()));
    }

    public function countChanged(): int
    {
        return count(array_filter($this->changes, static fn(RosterChange $it): bool => ! $it->isNew() && $it->changes()));
    }
}
