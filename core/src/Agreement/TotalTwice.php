<?php

declare(strict_types=1);

namespace DeftBlade\Core\Agreement;

/** One tray as each of two assessors alone would have totalled it. */
final readonly class TotalTwice
{
    public function __construct(public string $tray, public string $firstBy, public float $first, public string $secondBy, public float $second) {}
}
