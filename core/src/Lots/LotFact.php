<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

use DeftBlade\Core\Capture\CaptureHead;
use DeftBlade\Core\Capture\Field;
use DeftBlade\Core\Capture\FieldValues;

/** A fact about what a class made and where it went. Facts are added, never edited; they count in the order in which they were accepted. */
abstract readonly class LotFact
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

    /** The lot it is about; of a withdrawal, the fact it takes out. */
    abstract public function about(): string;
}
