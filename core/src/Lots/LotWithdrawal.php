<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

use DeftBlade\Core\Capture\CaptureHead;
use DeftBlade\Core\Capture\Field;
use DeftBlade\Core\Capture\FieldType;
use DeftBlade\Core\Capture\FieldValues;

/** Takes one fact about a lot out, with the reason. It is not taken out itself: what was right is taken down again. */
final readonly class LotWithdrawal extends LotFact
{
    private function __construct(CaptureHead $head, public string $target, public string $reason)
    {
        parent::__construct($head);
    }

    public static function fields(): array
    {
        return [Field::of('target', FieldType::Identifier), Field::of('reason', FieldType::Text)];
    }

    public static function of(CaptureHead $head, FieldValues $values): self
    {
        return new self($head, $values->text('target'), $values->text('reason'));
    }

    public function about(): string
    {
        return $this->target;
    }
}
