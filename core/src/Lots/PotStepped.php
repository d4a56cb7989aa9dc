<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

use DeftBlade\Core\Capture\CaptureHead;
use DeftBlade\Core\Capture\Field;
use DeftBlade\Core\Capture\FieldType;
use DeftBlade\Core\Capture\FieldValues;

/** A pot was skimmed or strained. */
final readonly class PotStepped extends LotFact
{
    private function __construct(CaptureHead $head, public string $pot, public PotStep $step)
    {
        parent::__construct($head);
    }

    public static function fields(): array
    {
        return [Field::of('pot', FieldType::Identifier), Field::oneOf('step', PotStep::class)];
    }

    public static function of(CaptureHead $head, FieldValues $values): self
    {
        return new self($head, $values->text('pot'), $values->choice('step', PotStep::class));
    }

    public function about(): string
    {
        return $this->pot;
    }
}
