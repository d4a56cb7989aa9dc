<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** Something that was taken down. Facts are added, never edited. Each kind says in fields() what it holds; reader and JSON Schema follow from that. */
abstract readonly class Fact
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
}
