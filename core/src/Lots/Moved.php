<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

use DeftBlade\Core\Capture\CaptureHead;
use DeftBlade\Core\Capture\Field;
use DeftBlade\Core\Capture\FieldType;
use DeftBlade\Core\Capture\FieldValues;

/** Mass leaves a lot for a destination. */
final readonly class Moved extends LotFact
{
    /**
     * @param string|null $text for which practical or menu; of waste, why
     * @param string|null $need that it is taken out for
     */
    private function __construct(CaptureHead $head, public string $lot, public Destination $to, public int $massMg, public ?string $text, public ?string $need)
    {
        parent::__construct($head);
    }

    public static function fields(): array
    {
        return [Field::of('lot', FieldType::Identifier), Field::oneOf('to', Destination::class), Field::of('mass_mg', FieldType::CarcassMass), Field::of('text', FieldType::Text)->optional(), Field::of('need', FieldType::Identifier)->optional()];
    }

    public static function of(CaptureHead $head, FieldValues $values): self
    {
        return new self($head, $values->text('lot'), $values->choice('to', Destination::class), $values->mass('mass_mg')->mg, $values->optionalText('text'), $values->optionalText('need'));
    }

    public function about(): string
    {
        return $this->lot;
    }
}
