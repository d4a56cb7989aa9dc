<?php

declare(strict_types=1);

namespace DeftBlade\Core\Ledger;

/** Days something lay in the freezer. */
final readonly class FrozenStretch
{
    /** @param \DateTimeImmutable $to the day it came out, which counts again */
    public function __construct(public \DateTimeImmutable $from, public \DateTimeImmutable $to) {}
}
