<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;

/** What every fact has: its id, its time (ms since 1970, UTC) and who took it down. */
final readonly class CaptureHead
{
    public function __construct(public string $id, public int $at, public string $by) {}

    /** @throws InvalidPackage */
    public static function read(Node $fact): self
    {
        return new self($fact->at('id')->identifier(), Instant::read($fact->at('at')), $fact->at('by')->identifier());
    }
}
