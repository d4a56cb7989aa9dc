<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** A carcass was sent back at receiving; what was received before it no longer holds, and another may be received. */
final readonly class CarcassRefused extends Capture
{
    private function __construct(CaptureHead $head, public string $reason, public ?string $tag)
    {
        parent::__construct($head);
    }

    public static function fields(): array
    {
        return [Field::of('reason', FieldType::Text), Field::of('tag', FieldType::Text)->optional(since: 2)];
    }

    public static function of(CaptureHead $head, FieldValues $values): self
    {
        return new self($head, $values->text('reason'), $values->optionalText('tag'));
    }

    public function emptiesSlots(): array
    {
        return ['received', 'look'];
    }
}
