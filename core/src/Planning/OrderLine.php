<?php

declare(strict_types=1);

namespace DeftBlade\Core\Planning;

use DeftBlade\Core\Capture\Instant;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Weighing\Mass;

/** One product to order for a number of students. */
final readonly class OrderLine
{
    private const MOST_STUDENTS = 10_000;

    private const MOST_PER_CASE = 10_000;

    /** So that 20 students with a twentieth to spare need one more, not two: 20 · 0.05 is a hair over 1 in binary. */
    private const SLACK = 1e-9;

    /** USDA, Food Safety and Inspection Service, "The Big Thaw": 24 hours in the refrigerator for each 4 to 5 lb, here for every started 2 kg. */
    private const MG_THAWED_A_DAY = 2_000_000;

    /**
     * @param float                   $spareFraction  of the students
     * @param int                     $spareAtLeast   carcasses
     * @param int                     $onHand         carcasses that are there already
     * @param int                     $perCase        carcasses; only whole cases are sold
     * @param int                     $typicalMg      what one weighs
     * @param \DateTimeImmutable|null $frozenNeededAt when it must be thawed; null where it comes fresh
     */
    public function __construct(
        public string $id,
        public int $students,
        public float $spareFraction,
        public int $spareAtLeast,
        public int $onHand,
        public int $perCase,
        public int $typicalMg,
        public Price $price,
        public ?\DateTimeImmutable $frozenNeededAt,
    ) {}

    public static function read(Node $node): self
    {
        $node->keys(['id', 'students', 'spare', 'on_hand', 'per_case', 'typical_mg', 'price', 'frozen', 'needed_at']);
        $spare = $node->at('spare')->keys(['fraction', 'at_least']);
        Instant::read($node->at('needed_at'));

        return new self(
            $node->at('id')->identifier(),
            $node->at('students')->integer(0, self::MOST_STUDENTS),
            $spare->at('fraction')->number(0, 1),
            $spare->at('at_least')->integer(0, self::MOST_STUDENTS),
            $node->at('on_hand')->integer(0, self::MOST_STUDENTS),
            $node->at('per_case')->integer(1, self::MOST_PER_CASE),
            $node->at('typical_mg')->integer(1, Mass::MOST_MG),
            Price::read($node->at('price')),
            $node->at('frozen')->boolean() ? new \DateTimeImmutable($node->at('needed_at')->text()) : null,
        );
    }

    /** One for each student, and what is to spare. */
    public function needed(): int
    {
        return $this->students + max(self::started($this->students * $this->spareFraction), $this->spareAtLeast);
    }

    public function toBuy(): int
    {
        return max(0, $this->needed() - $this->onHand);
    }

    public function cases(): int
    {
        return self::started($this->toBuy() / $this->perCase);
    }

    /** Carcasses that come, in whole cases. */
    public function ordered(): int
    {
        return $this->cases() * $this->perCase;
    }

    public function massMg(): int
    {
        return $this->ordered() * $this->typicalMg;
    }

    /** @return float minor units, unrounded */
    public function cost(): float
    {
        return $this->price->of($this->ordered(), $this->massMg());
    }

    /** When it goes from the freezer into the refrigerator; null where it comes fresh. */
    public function thawFrom(): ?\DateTimeImmutable
    {
        return $this->frozenNeededAt?->sub(new \DateInterval('PT'.(24 * self::started($this->typicalMg / self::MG_THAWED_A_DAY)).'H'));
    }

    private static function started(float $amount): int
    {
        return (int) ceil($amount - self::SLACK);
    }
}
