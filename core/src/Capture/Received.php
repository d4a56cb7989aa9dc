<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

use DeftBlade\Core\Weighing\Mass;

/** The carcass as purchased (AP weight), and the defects found on it. */
final readonly class Received extends Capture
{
    /** @param list<string> $defects */
    private function __construct(CaptureHead $head, public Mass $mass, public array $defects, public ?string $tag)
    {
        parent::__construct($head);
    }

    public static function fields(): array
    {
        return [Field::of('mass_mg', FieldType::CarcassMass), Field::listOf('defects', KnownIn::Defect)->optional(), Field::of('tag', FieldType::Text)->optional(since: 2)];
    }

    public static function of(CaptureHead $head, FieldValues $values): self
    {
        return new self($head, $values->mass('mass_mg'), $values->texts('defects'), $values->optionalText('tag'));
    }

    public function slot(): string
    {
        return 'received';
    }
}
