<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

/** Mass taken from a lot. */
final readonly class Taken
{
    public function __construct(public OnShelf $from, public int $massMg) {}
}
