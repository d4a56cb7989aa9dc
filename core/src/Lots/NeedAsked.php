<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

use DeftBlade\Core\Capture\CaptureHead;
use DeftBlade\Core\Capture\Field;
use DeftBlade\Core\Capture\FieldType;
use DeftBlade\Core\Capture\FieldValues;

/** Somebody will need so much of something on a day: 24 thighs, boneless, for Tuesday's canapés. Its id is the id of this fact. */
final readonly class NeedAsked extends LotFact
{
    /** @param string $for which practical or menu */
    private function __construct(CaptureHead $head, public ProductName $of, public ?int $pieces, public ?int $massMg, public \DateTimeImmutable $on, public Destination $to, public string $for)
    {
        parent::__construct($head);
    }

    public static function fields(): array
    {
        return [
            Field::of('species', FieldType::Identifier),
            Field::of('product', FieldType::Identifier),
            Field::of('title', FieldType::Text),
            Field::of('pieces', FieldType::Count)->optional(),
            Field::of('mass_mg', FieldType::CarcassMass)->optional(),
            Field::of('on', FieldType::Day),
            Field::oneOf('to', Destination::class),
            Field::of('text', FieldType::Text),
        ];
    }

    public static function of(CaptureHead $head, FieldValues $values): self
    {
        return new self(
            $head,
            new ProductName($values->text('species'), $values->text('product'), $values->text('title')),
            $values->has('pieces') ? $values->integer('pieces') : null,
            $values->has('mass_mg') ? $values->mass('mass_mg')->mg : null,
            $values->day('on'),
            $values->choice('to', Destination::class),
            $values->text('text'),
        );
    }

    public function about(): string
    {
        return $this->id;
    }
}
