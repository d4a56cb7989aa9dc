<?php

declare(strict_types=1);

namespace DeftBlade\Core\Planning;

use DeftBlade\Core\Carcass\Bin;
use DeftBlade\Core\Standard\Standard;

/** What a container of by-products should come to over a whole practical, and how many containers that takes. */
final readonly class ByProduct
{
    /** Common practice: what one person lifts cold out of a refrigerator, in a container of ten litres. */
    public const CONTAINER_MG = 6_000_000;

    /** @param float $massMg of all carcasses together, unrounded; 0 where nothing is expected */
    private function __construct(public Bin $bin, public float $massMg) {}

    /**
     * @param int $carcasses that are cut
     * @param int $typicalMg what one weighs
     *
     * @return list<self> in the order of the standard
     */
    public static function of(Standard $standard, int $carcasses, int $typicalMg): array
    {
        return array_map(static fn(Bin $bin): self => new self($bin, $bin->expectation->share * $carcasses * $typicalMg), array_values($standard->cuts->bins));
    }

    /** At least one, also where nothing is expected. */
    public function containers(): int
    {
        return max(1, (int) ceil($this->massMg / self::CONTAINER_MG - 1e-9));
    }
}
