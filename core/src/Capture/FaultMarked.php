<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** A fault seen; each one counts. */
final readonly class FaultMarked extends Capture
{
    public function __construct(string $id, int $at, string $by, public string $fault)
    {
        parent::__construct($id, $at, $by);
    }
}
