<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\PracticeFact;
use DeftBlade\Core\Grading\AttemptResult;
use DeftBlade\Core\Practice\PracticeTray;

/** A practice tray as it stands, graded by nobody but held against everything a tray is held against. */
final readonly class OwnTray
{
    /** @param list<PracticeFact> $facts in order; none of one that nothing was taken down of yet */
    public function __construct(public string $id, public PractisedStandard $practised, public array $facts, public AttemptResult $result, private \DateTimeZone $zone) {}

    /** @return list<PracticeFact> those that are captures */
    public function captures(): array
    {
        return array_values(array_filter($this->facts, static fn(PracticeFact $it): bool => $it->kind !== PracticeFact::STEP));
    }

    /** @return array<int, int> what the clock showed in ms when a step of the card was done, by step */
    public function splits(): array
    {
        $doneAt = [];
        foreach ($this->facts as $fact) {
            if ($fact->kind === PracticeFact::STEP && is_int($fact->payload->step ?? null)) {
                $doneAt[$fact->payload->step] = (int) $fact->at->format('Uv');
            }
        }

        return PracticeTray::splits($doneAt, $this->result->attempt->log);
    }

    /** @return string the day it was begun on, at the school */
    public function beganOn(): string
    {
        return $this->beganAt()->setTimezone($this->zone)->format('Y-m-d');
    }

    /** When the first of it was taken down; now where nothing was. */
    public function beganAt(): \DateTimeImmutable
    {
        return min([new \DateTimeImmutable(), ...array_map(static fn(PracticeFact $it): \DateTimeImmutable => $it->at, $this->facts)]);
    }
}
