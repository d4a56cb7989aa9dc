<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

use DeftBlade\Core\Capture\CaptureHead;
use DeftBlade\Core\Capture\Field;
use DeftBlade\Core\Capture\FieldType;
use DeftBlade\Core\Capture\FieldValues;

/** A pot is put on: what went there before is in it from now on. Its id is the id of this fact. */
final readonly class PotStarted extends LotFact
{
    /** @param list<string> $moves ids of the facts that moved mass to its use, all of one class of product */
    private function __construct(CaptureHead $head, public PotUse $use, public array $moves)
    {
        parent::__construct($head);
    }

    public static function fields(): array
    {
        return [Field::oneOf('use', PotUse::class), Field::of('moves', FieldType::IdentifierList)];
    }

    public static function of(CaptureHead $head, FieldValues $values): self
    {
        return new self($head, $values->choice('use', PotUse::class), $values->texts('moves'));
    }

    public function about(): string
    {
        return $this->id;
    }
}
