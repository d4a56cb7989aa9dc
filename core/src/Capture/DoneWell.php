<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** Something done well, in words; it earns nothing and is told to the student. */
final readonly class DoneWell extends Capture
{
    private function __construct(CaptureHead $head, public string $text)
    {
        parent::__construct($head);
    }

    public static function fields(): array
    {
        return [Field::of('text', FieldType::Text)];
    }

    public static function of(CaptureHead $head, FieldValues $values): self
    {
        return new self($head, $values->text('text'));
    }
}
