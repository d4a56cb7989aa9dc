<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** Whether the attempt is a resit, and why that was set. */
final readonly class ResitSet extends Capture
{
    private function __construct(CaptureHead $head, public bool $resit, public string $reason)
    {
        parent::__construct($head);
    }

    public static function fields(): array
    {
        return [Field::of('resit', FieldType::Flag), Field::of('reason', FieldType::Text)];
    }

    public static function of(CaptureHead $head, FieldValues $values): self
    {
        return new self($head, $values->flag('resit'), $values->text('reason'));
    }

    public function slot(): string
    {
        return 'resit';
    }
}
