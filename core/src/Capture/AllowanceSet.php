<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** The student's time allowance: the factor on standard time and limit, and why. */
final readonly class AllowanceSet extends Capture
{
    private function __construct(CaptureHead $head, public float $timeFactor, public string $reason)
    {
        parent::__construct($head);
    }

    public static function fields(): array
    {
        return [Field::of('time_factor', FieldType::Factor), Field::of('reason', FieldType::Text)];
    }

    public static function of(CaptureHead $head, FieldValues $values): self
    {
        return new self($head, $values->number('time_factor'), $values->text('reason'));
    }

    public function slot(): string
    {
        return 'allowance';
    }
}
