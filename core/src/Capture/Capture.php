<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** A fact about an attempt. Facts are added, never edited. Each kind says in fields() what it holds; reader and JSON Schema follow from that. */
abstract readonly class Capture
{
    public string $id;

    public int $at;

    public string $by;

    protected function __construct(CaptureHead $head)
    {
        [$this->id, $this->at, $this->by] = [$head->id, $head->at, $head->by];
    }

    /** @return list<Field> what stands in the fact beside id, at, by and kind */
    abstract public static function fields(): array;

    /** @param FieldValues $values read by fields() */
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
