<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

/** A lot that may be made of what lies on the tables: one product, met or not. */
final readonly class Proposal
{
    /** @param non-empty-list<LaidOut> $weights in the order of the attempts */
    public function __construct(public LotProduct $product, public bool $isOff, public array $weights) {}

    public function massMg(): int
    {
        return array_sum(array_map(static fn(LaidOut $it): int => $it->massMg, $this->weights));
    }
}
