<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** Takes one fact out, with the reason. */
final readonly class Withdrawal extends Capture
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
}
