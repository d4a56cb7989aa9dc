<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

/** One weight that holds, as it lies on a table: of a piece, a portion, a bin or the meat off the frame. */
final readonly class LaidOut
{
    /**
     * @param string $capture the fact that says it
     * @param string $slot    of the attempt, where a later weight replaces it
     * @param bool   $isOff   a piece that did not meet the standard
     */
    public function __construct(public string $capture, public string $attempt, public string $slot, public LotProduct $product, public bool $isOff, public int $massMg) {}

    public function place(): string
    {
        return "$this->attempt $this->slot";
    }
}
