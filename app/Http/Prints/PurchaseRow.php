<?php

declare(strict_types=1);

namespace App\Http\Prints;

/** One product to buy, in words. */
final readonly class PurchaseRow
{
    /**
     * @param int         $perCase    carcasses
     * @param int         $ordered    carcasses, in whole cases
     * @param string|null $price      such as "EUR 4.95 a kg"; null where it is not known
     * @param string|null $cost       null where the price is not known
     * @param string|null $perStudent
     * @param string|null $thawFrom   null where it comes fresh
     */
    public function __construct(
        public string $product,
        public string $specification,
        public int $students,
        public int $needed,
        public int $onHand,
        public int $perCase,
        public int $cases,
        public int $ordered,
        public int $massMg,
        public ?string $price,
        public ?string $cost,
        public ?string $perStudent,
        public ?string $thawFrom,
    ) {}
}
