<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

use DeftBlade\Core\Weighing\Mass;

/** A by-product container, weighed net. */
final readonly class BinWeighed extends Capture
{
    private function __construct(CaptureHead $head, public string $bin, public Mass $mass)
    {
        parent::__construct($head);
    }

    public static function fields(): array
    {
        return [Field::known(KnownIn::Bin), Field::of('mass_mg', FieldType::Mass)];
    }

    public static function of(CaptureHead $head, FieldValues $values): self
    {
        return new self($head, $values->text('bin'), $values->mass('mass_mg'));
    }

    public function slot(): string
    {
        return "bin {$this->bin}";
    }
}
