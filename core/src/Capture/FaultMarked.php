<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** A fault seen; each one counts. */
final readonly class FaultMarked extends Capture
{
    private function __construct(CaptureHead $head, public string $fault)
    {
        parent::__construct($head);
    }

    public static function fields(): array
    {
        return [Field::known(KnownIn::Fault)];
    }

    public static function of(CaptureHead $head, FieldValues $values): self
    {
        return new self($head, $values->text('fault'));
    }
}
