<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\PracticeFact;
use DeftBlade\Core\Grading\AttemptResult;

/** A practice tray as it stands, graded by nobody but held against everything a tray is held against. */
final readonly class OwnTray
{
    /** @param non-empty-list<PracticeFact> $facts in order */
    public function __construct(public string $id, public PractisedStandard $practised, public array $facts, public AttemptResult $result) {}

    public function beganAt(): \DateTimeImmutable
    {
        return min(array_map(static fn(PracticeFact $it): \DateTimeImmutable => $it->at, $this->facts));
    }
}
