<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

/** A weight that became part of a lot, as it was then. */
final readonly class TakenWeight
{
    public function __construct(public string $lot, public string $capture, public string $attempt, public string $slot, public int $massMg) {}

    public function place(): string
    {
        return "$this->attempt $this->slot";
    }
}
