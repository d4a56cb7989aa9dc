<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

/** A lot in the cold or in the freezer, with the day it must be gone. */
final readonly class Stored
{
    /** @param \DateTimeImmutable|null $useBy null while it is frozen */
    public function __construct(public string $lot, public ProductName $of, public int $massMg, public ?\DateTimeImmutable $useBy) {}

    public function isGoodOn(\DateTimeImmutable $day): bool
    {
        return $this->useBy === null || $this->useBy >= $day;
    }

    public function less(int $massMg): self
    {
        return new self($this->lot, $this->of, $this->massMg - $massMg, $this->useBy);
    }
}
