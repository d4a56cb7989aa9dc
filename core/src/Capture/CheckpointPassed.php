<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** A judged stop on the way was passed. */
final readonly class CheckpointPassed extends Capture
{
    private function __construct(CaptureHead $head, public string $checkpoint)
    {
        parent::__construct($head);
    }

    public static function fields(): array
    {
        return [Field::known(KnownIn::Checkpoint)];
    }

    public static function of(CaptureHead $head, FieldValues $values): self
    {
        return new self($head, $values->text('checkpoint'));
    }

    public function slot(): string
    {
        return "checkpoint {$this->checkpoint}";
    }
}
