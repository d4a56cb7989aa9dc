<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

use DeftBlade\Core\Capture\CaptureHead;
use DeftBlade\Core\Capture\Field;
use DeftBlade\Core\Capture\FieldType;
use DeftBlade\Core\Capture\FieldValues;

/** A lot goes into the freezer, whole; from that day on its days do not count. */
final readonly class IntoFreezer extends LotFact
{
    private function __construct(CaptureHead $head, public string $lot, public \DateTimeImmutable $on)
    {
        parent::__construct($head);
    }

    public static function fields(): array
    {
        return [Field::of('lot', FieldType::Identifier), Field::of('on', FieldType::Day)];
    }

    public static function of(CaptureHead $head, FieldValues $values): self
    {
        return new self($head, $values->text('lot'), $values->day('on'));
    }

    public function about(): string
    {
        return $this->lot;
    }
}
