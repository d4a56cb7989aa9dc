<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

use DeftBlade\Core\Capture\CaptureHead;
use DeftBlade\Core\Capture\Field;
use DeftBlade\Core\Capture\FieldType;
use DeftBlade\Core\Capture\FieldValues;

/** A lot goes into the freezer or comes out of it, whole. */
abstract readonly class FreezerTurn extends LotFact
{
    final protected function __construct(CaptureHead $head, public string $lot, public \DateTimeImmutable $on)
    {
        parent::__construct($head);
    }

    public static function fields(): array
    {
        return [Field::of('lot', FieldType::Identifier), Field::of('on', FieldType::Day)];
    }

    public static function of(CaptureHead $head, FieldValues $values): static
    {
        return new static($head, $values->text('lot'), $values->day('on'));
    }

    public function about(): string
    {
        return $this->lot;
    }
}
