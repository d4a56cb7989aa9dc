<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** A fact about an attempt. */
abstract readonly class Capture extends Fact
{
    abstract public static function of(CaptureHead $head, FieldValues $values): self;

    /** The place this fact is the weight or the level of, where a later one replaces it; null where each counts for itself. */
    public function slot(): ?string
    {
        return null;
    }

    /** @return list<string> slots that are empty from this fact on, until something takes them again */
    public function emptiesSlots(): array
    {
        return [];
    }

    /** Before the others of one moment by time, then by id. */
    public static function inOrder(self $one, self $other): int
    {
        return $one->at <=> $other->at ?: strcmp($one->id, $other->id);
    }
}
