<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

use DeftBlade\Core\Capture\CaptureHead;
use DeftBlade\Core\Capture\Field;
use DeftBlade\Core\Capture\FieldType;
use DeftBlade\Core\Capture\FieldValues;

/** Something that a pot made goes into a container, as a lot of its own; its id is the id of this fact. */
final readonly class Drawn extends LotFact
{
    /** Stock is taken to weigh what water weighs (common practice). */
    private const MG_PER_ML = 1_000;

    /** @param int|null $volumeMl null where it was weighed */
    private function __construct(CaptureHead $head, public string $pot, public ?int $volumeMl, private ?int $weighedMg, public \DateTimeImmutable $made, public ?string $container)
    {
        parent::__construct($head);
    }

    public static function fields(): array
    {
        return [
            Field::of('pot', FieldType::Identifier),
            Field::of('mass_mg', FieldType::CarcassMass)->optional(),
            Field::of('volume_ml', FieldType::Volume)->optional(),
            Field::of('made', FieldType::Day),
            Field::of('container', FieldType::Text)->optional(),
        ];
    }

    public static function of(CaptureHead $head, FieldValues $values): self
    {
        return new self(
            $head,
            $values->text('pot'),
            $values->has('volume_ml') ? $values->integer('volume_ml') : null,
            $values->has('mass_mg') ? $values->mass('mass_mg')->mg : null,
            $values->day('made'),
            $values->optionalText('container'),
        );
    }

    public function about(): string
    {
        return $this->pot;
    }

    /** Null where neither was said. */
    public function massMg(): ?int
    {
        return $this->weighedMg ?? ($this->volumeMl === null ? null : $this->volumeMl * self::MG_PER_ML);
    }
}
