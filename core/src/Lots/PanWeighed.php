<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

use DeftBlade\Core\Capture\CaptureHead;
use DeftBlade\Core\Capture\Field;
use DeftBlade\Core\Capture\FieldType;
use DeftBlade\Core\Capture\FieldValues;

/** The container of a lot was put on the scale as a check; it changes no mass. */
final readonly class PanWeighed extends LotFact
{
    private function __construct(CaptureHead $head, public string $lot, public int $massMg)
    {
        parent::__construct($head);
    }

    public static function fields(): array
    {
        return [Field::of('lot', FieldType::Identifier), Field::of('mass_mg', FieldType::Mass)];
    }

    public static function of(CaptureHead $head, FieldValues $values): self
    {
        return new self($head, $values->text('lot'), $values->mass('mass_mg')->mg);
    }

    public function about(): string
    {
        return $this->lot;
    }
}
