<?php

declare(strict_types=1);

namespace DeftBlade\Core\Agreement;

/** One criterion of one tray as two assessors saw it: 0-based levels. */
final readonly class LevelTwice
{
    public function __construct(public string $criterion, public string $firstBy, public int $first, public string $secondBy, public int $second) {}
}
