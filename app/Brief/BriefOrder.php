<?php

declare(strict_types=1);

namespace App\Brief;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Planning\OrderLine;
use DeftBlade\Core\Planning\Price;
use DeftBlade\Core\Weighing\Mass;

/** How the carcasses of a list are bought. */
final readonly class BriefOrder
{
    private const MOST = 10_000;

    /**
     * @param string     $specification grade, air- or water-chilled, size class, head and feet, giblets: as the supplier is asked
     * @param int|null   $typicalMg     what one weighs; null for what a carcass of this kind usually weighs
     * @param Price|null $price         null where it is not known yet
     */
    private function __construct(
        public string $specification,
        public int $onHand,
        public int $perCase,
        public float $spareFraction,
        public int $spareAtLeast,
        public ?int $typicalMg,
        public ?Price $price,
        public bool $isFrozen,
    ) {}

    public static function read(Node $node): self
    {
        $node->keys(['specification', 'on_hand', 'per_case', 'spare_fraction', 'spare_at_least', 'typical_mg', 'price', 'is_frozen']);

        return new self(
            $node->at('specification')->text(),
            $node->at('on_hand')->integer(0, self::MOST),
            $node->at('per_case')->integer(1, self::MOST),
            $node->at('spare_fraction')->number(0, 1),
            $node->at('spare_at_least')->integer(0, self::MOST),
            $node->at('typical_mg')->isNull() ? null : $node->at('typical_mg')->integer(1, Mass::MOST_MG),
            $node->at('price')->isNull() ? null : Price::read($node->at('price')),
            $node->at('is_frozen')->boolean(),
        );
    }

    /** @param \DateTimeImmutable|null $neededAt null while no day is set: then nothing is said of thawing */
    public function line(string $id, int $students, int $typicalMg, ?\DateTimeImmutable $neededAt): OrderLine
    {
        return new OrderLine($id, $students, $this->spareFraction, $this->spareAtLeast, $this->onHand, $this->perCase, $typicalMg, $this->price ?? Price::unknown(), $this->isFrozen ? $neededAt : null);
    }
}
