<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** A judged stop on the way was passed. */
final readonly class CheckpointPassed extends Capture
{
    public function __construct(string $id, int $at, string $by, public string $checkpoint)
    {
        parent::__construct($id, $at, $by);
    }

    public function slot(): string
    {
        return "checkpoint {$this->checkpoint}";
    }
}
