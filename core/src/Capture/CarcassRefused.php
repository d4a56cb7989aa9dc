<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** A carcass was sent back at receiving; what was received before it no longer holds, and another may be received. */
final readonly class CarcassRefused extends Capture
{
    public function __construct(string $id, int $at, string $by, public string $reason, public ?string $tag)
    {
        parent::__construct($id, $at, $by);
    }
}
