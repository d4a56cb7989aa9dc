<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** What every fact has: its id, its time (ms since 1970, UTC) and who took it down. */
final readonly class CaptureHead
{
    public function __construct(public string $id, public int $at, public string $by) {}
}
