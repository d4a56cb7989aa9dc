<?php

declare(strict_types=1);

namespace DeftBlade\Core\Planning;

/** What one student has to do: the standard time and the limit, both with the student's own factor, in seconds. */
final readonly class Work
{
    public function __construct(public float $standardS, public float $limitS) {}
}
