<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** Where the student works, and why there. */
final readonly class StationSet extends Capture
{
    private function __construct(CaptureHead $head, public int $station, public string $reason)
    {
        parent::__construct($head);
    }

    public static function fields(): array
    {
        return [Field::of('station', FieldType::Station), Field::of('reason', FieldType::Text)];
    }

    public static function of(CaptureHead $head, FieldValues $values): self
    {
        return new self($head, $values->integer('station'), $values->text('reason'));
    }

    public function slot(): string
    {
        return 'station';
    }
}
