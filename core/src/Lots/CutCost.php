<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

use DeftBlade\Core\Money\Minor;

/** What one cut came to. */
final readonly class CutCost
{
    private const MG_PER_KG = 1_000_000;

    /** @param int|null $minor null where it cannot be said */
    public function __construct(public int $massMg, public ?int $minor) {}

    public function plus(self $other): self
    {
        return new self($this->massMg + $other->massMg, $this->minor === null || $other->minor === null ? null : $this->minor + $other->minor);
    }

    /** In minor units, rounded half up. */
    public function perKgMinor(): ?int
    {
        return $this->minor === null || $this->massMg === 0 ? null : Minor::rounded($this->minor * self::MG_PER_KG / $this->massMg);
    }
}
