<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** A photograph kept as evidence, by name and digest. */
final readonly class Photographed extends Capture
{
    private function __construct(CaptureHead $head, public string $file, public string $sha256)
    {
        parent::__construct($head);
    }

    public static function fields(): array
    {
        return [Field::of('file', FieldType::Text), Field::of('sha256', FieldType::Sha256)];
    }

    public static function of(CaptureHead $head, FieldValues $values): self
    {
        return new self($head, $values->text('file'), $values->text('sha256'));
    }
}
