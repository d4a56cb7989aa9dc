<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** A fact about an attempt: who took it down, and when by the device's clock (ms since 1970, UTC). Facts are added, never edited. */
abstract readonly class Capture
{
    public function __construct(public string $id, public int $at, public string $by) {}
}
