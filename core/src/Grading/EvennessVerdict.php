<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Carcass\Portions;

/** The portions of a set held against each other. */
final readonly class EvennessVerdict
{
    public function __construct(
        public Portions $portions,
        /** How many are weighed by themselves. */
        public int $weighed,
        /** By the measure of the set; null until all are weighed, and where the set need not be even. */
        public ?float $figure,
        /** 0 to 1; null while pending, excused or not asked for. */
        public ?float $score,
    ) {}

    public function isAsked(): bool
    {
        return $this->portions->measure !== null;
    }
}
