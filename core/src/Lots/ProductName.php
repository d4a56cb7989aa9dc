<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

/** What a lot is of: thighs with their bone and boneless ones are two things, though both are thighs. */
final readonly class ProductName
{
    /** @param string $title in the words of the book, marked ({drumstick}) */
    public function __construct(public string $species, public string $product, public string $title) {}

    public function isSame(self $other): bool
    {
        return $this->species === $other->species && $this->product === $other->product && $this->title === $other->title;
    }
}
