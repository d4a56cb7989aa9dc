<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

use DeftBlade\Core\Capture\CaptureHead;
use DeftBlade\Core\Capture\Fact;
use DeftBlade\Core\Capture\FieldValues;

/** A fact about what a class made and where it went. Such facts count in the order in which they were accepted. */
abstract readonly class LotFact extends Fact
{
    abstract public static function of(CaptureHead $head, FieldValues $values): self;

    /** The lot or the pot it is about; of a withdrawal, the fact it takes out. */
    abstract public function about(): string;
}
