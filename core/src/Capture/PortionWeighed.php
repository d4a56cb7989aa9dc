<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

use DeftBlade\Core\Weighing\Mass;

/** One portion of a piece that is a set, weighed by itself: from then on the set is not what it weighed together. */
final readonly class PortionWeighed extends Capture
{
    /** @param int $portion from 1 */
    private function __construct(CaptureHead $head, public string $piece, public int $portion, public Mass $mass)
    {
        parent::__construct($head);
    }

    public static function fields(): array
    {
        return [Field::known(KnownIn::Piece), Field::of('portion', FieldType::Portion), Field::of('mass_mg', FieldType::Mass)];
    }

    public static function of(CaptureHead $head, FieldValues $values): self
    {
        return new self($head, $values->text('piece'), $values->integer('portion'), $values->mass('mass_mg'));
    }

    public function slot(): string
    {
        return "portion {$this->portion} {$this->piece}";
    }

    public function emptiesSlots(): array
    {
        return ["piece {$this->piece}"];
    }
}
