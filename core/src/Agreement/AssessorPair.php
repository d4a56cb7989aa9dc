<?php

declare(strict_types=1);

namespace DeftBlade\Core\Agreement;

/** Two assessors who marked the same trays, whoever of them looked first. */
final readonly class AssessorPair
{
    /** @param list<array{float, float}> $totals of the one and of the other */
    public function __construct(public string $one, public string $other, public LevelPairs $levels, public array $totals) {}

    /** Null on fewer than two trays. */
    public function limits(): ?LimitsOfAgreement
    {
        return count($this->totals) < 2 ? null : LimitsOfAgreement::of($this->totals);
    }
}
