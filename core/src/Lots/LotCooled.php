<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

use DeftBlade\Core\Capture\CaptureHead;
use DeftBlade\Core\Capture\Field;
use DeftBlade\Core\Capture\FieldType;
use DeftBlade\Core\Capture\FieldValues;

/** How hot the core of a container is while it cools. */
final readonly class LotCooled extends LotFact
{
    private function __construct(CaptureHead $head, public string $lot, public float $celsius)
    {
        parent::__construct($head);
    }

    public static function fields(): array
    {
        return [Field::of('lot', FieldType::Identifier), Field::of('c', FieldType::Celsius)];
    }

    public static function of(CaptureHead $head, FieldValues $values): self
    {
        return new self($head, $values->text('lot'), $values->number('c'));
    }

    public function about(): string
    {
        return $this->lot;
    }
}
