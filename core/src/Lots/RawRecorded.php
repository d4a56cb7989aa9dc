<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

use DeftBlade\Core\Capture\CaptureHead;
use DeftBlade\Core\Capture\Field;
use DeftBlade\Core\Capture\FieldType;
use DeftBlade\Core\Capture\FieldValues;

/** The record that a lot may be served raw. */
final readonly class RawRecorded extends LotFact
{
    /** @param string $text where the record is kept, or why it is exempt */
    private function __construct(CaptureHead $head, public string $lot, public ParasiteTreatment $treatment, public string $text)
    {
        parent::__construct($head);
    }

    public static function fields(): array
    {
        return [Field::of('lot', FieldType::Identifier), Field::oneOf('treatment', ParasiteTreatment::class), Field::of('text', FieldType::Text)];
    }

    public static function of(CaptureHead $head, FieldValues $values): self
    {
        return new self($head, $values->text('lot'), $values->choice('treatment', ParasiteTreatment::class), $values->text('text'));
    }

    public function about(): string
    {
        return $this->lot;
    }
}
