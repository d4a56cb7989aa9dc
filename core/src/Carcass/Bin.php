<?php

declare(strict_types=1);

namespace DeftBlade\Core\Carcass;

/** A by-product container; it may expect no part at all (trim, waste). */
final readonly class Bin
{
    /** @param list<string> $parts */
    public function __construct(
        public string $id,
        public string $title,
        public bool $usable,
        public array $parts,
        public Expectation $expectation,
        public int $count = 1,
    ) {}
}
