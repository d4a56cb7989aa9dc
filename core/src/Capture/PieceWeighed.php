<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

use DeftBlade\Core\Weighing\Mass;

/** A piece of the cut list, weighed as one thing; a set of portions, weighed together. */
final readonly class PieceWeighed extends Capture
{
    private function __construct(CaptureHead $head, public string $piece, public Mass $mass)
    {
        parent::__construct($head);
    }

    public static function fields(): array
    {
        return [Field::known(KnownIn::Piece), Field::of('mass_mg', FieldType::Mass)];
    }

    public static function of(CaptureHead $head, FieldValues $values): self
    {
        return new self($head, $values->text('piece'), $values->mass('mass_mg'));
    }

    public function slot(): string
    {
        return "piece {$this->piece}";
    }
}
