<?php

declare(strict_types=1);

namespace DeftBlade\Core\Trends;

/** How often the window of one piece is met. */
final readonly class WindowFigures
{
    /** @param float|null $within share of the trays that weighed it; null where none did */
    public function __construct(public string $piece, public int $n, public ?float $within) {}
}
