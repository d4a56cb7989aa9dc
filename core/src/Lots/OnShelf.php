<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

/** A lot as it lies on its shelf. */
final readonly class OnShelf
{
    public function __construct(public string $lot, public int $massMg, public bool $isFrozen) {}
}
