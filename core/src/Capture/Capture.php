<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** A fact about an attempt: who took it down, and when by the device's clock (ms since 1970, UTC). Facts are added, never edited. */
abstract readonly class Capture
{
    public function __construct(public string $id, public int $at, public string $by) {}

    /** The place this fact is the weight or the level of, where a later one replaces it; null where each stands for itself. */
    public function slot(): ?string
    {
        return null;
    }
}
