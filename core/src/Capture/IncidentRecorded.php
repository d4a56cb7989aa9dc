<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** Work was stopped for safety. It stays on record: it can be added to, and never withdrawn. */
final readonly class IncidentRecorded extends Capture
{
    /** @param list<string> $pieces that blood or the fall touched */
    private function __construct(CaptureHead $head, public IncidentKind $what, public string $text, public array $pieces, public IncidentTreatment $treatment)
    {
        parent::__construct($head);
    }

    public static function fields(): array
    {
        return [Field::oneOf('what', IncidentKind::class), Field::of('text', FieldType::Text), Field::listOf('pieces', KnownIn::Piece), Field::oneOf('treatment', IncidentTreatment::class)];
    }

    public static function of(CaptureHead $head, FieldValues $values): self
    {
        return new self($head, $values->choice('what', IncidentKind::class), $values->text('text'), $values->texts('pieces'), $values->choice('treatment', IncidentTreatment::class));
    }
}
