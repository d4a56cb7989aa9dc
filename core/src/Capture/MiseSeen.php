<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** The station was looked at before the clock: what of the mise en place was not in order. */
final readonly class MiseSeen extends Capture
{
    /** @param list<string> $open items that are not in order; none: all is */
    private function __construct(CaptureHead $head, public array $open)
    {
        parent::__construct($head);
    }

    public static function fields(): array
    {
        return [Field::of('open', FieldType::IdentifierList)];
    }

    public static function of(CaptureHead $head, FieldValues $values): self
    {
        return new self($head, $values->texts('open'));
    }

    public function slot(): string
    {
        return 'mise';
    }
}
