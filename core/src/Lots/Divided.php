<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

use DeftBlade\Core\Capture\CaptureHead;
use DeftBlade\Core\Capture\Field;
use DeftBlade\Core\Capture\FieldType;
use DeftBlade\Core\Capture\FieldValues;

/** Part of a lot becomes a lot of its own, in its own container; its id is the id of this fact. */
final readonly class Divided extends LotFact
{
    private function __construct(CaptureHead $head, public string $lot, public int $massMg, public ?string $container)
    {
        parent::__construct($head);
    }

    public static function fields(): array
    {
        return [Field::of('lot', FieldType::Identifier), Field::of('mass_mg', FieldType::CarcassMass), Field::of('container', FieldType::Text)->optional()];
    }

    public static function of(CaptureHead $head, FieldValues $values): self
    {
        return new self($head, $values->text('lot'), $values->mass('mass_mg')->mg, $values->optionalText('container'));
    }

    public function about(): string
    {
        return $this->lot;
    }
}
