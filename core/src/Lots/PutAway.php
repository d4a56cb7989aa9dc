<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

use DeftBlade\Core\Capture\CaptureHead;
use DeftBlade\Core\Capture\Field;
use DeftBlade\Core\Capture\FieldType;
use DeftBlade\Core\Capture\FieldValues;

/** A lot is made: one thing that a class cut, in one container. Its id is the id of this fact. */
final readonly class PutAway extends LotFact
{
    /**
     * @param string             $product what it is: a product of the standard (LotProducts), or a giblet
     * @param bool               $isOff   pieces that did not meet the standard
     * @param list<string>       $weights ids of the captures whose masses it is the sum of; none where the container itself was weighed
     * @param \DateTimeImmutable $made    day 1 of its use-by
     */
    private function __construct(
        CaptureHead $head,
        public string $assessment,
        public string $product,
        public bool $isOff,
        public array $weights,
        public int $massMg,
        public \DateTimeImmutable $made,
        public ?string $container,
    ) {
        parent::__construct($head);
    }

    public static function fields(): array
    {
        return [
            Field::of('assessment', FieldType::Identifier),
            Field::of('product', FieldType::Identifier),
            Field::of('off', FieldType::Flag),
            Field::of('weights', FieldType::IdentifierList),
            Field::of('mass_mg', FieldType::CarcassMass),
            Field::of('made', FieldType::Day),
            Field::of('container', FieldType::Text)->optional(),
        ];
    }

    public static function of(CaptureHead $head, FieldValues $values): self
    {
        return new self($head, $values->text('assessment'), $values->text('product'), $values->flag('off'), $values->texts('weights'), $values->mass('mass_mg')->mg, $values->day('made'), $values->optionalText('container'));
    }

    public function about(): string
    {
        return $this->id;
    }
}
