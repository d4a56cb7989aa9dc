<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** Takes one capture out, with the reason. */
final readonly class Voided extends Capture
{
    public function __construct(string $id, int $at, string $by, public string $target, public string $reason)
    {
        parent::__construct($id, $at, $by);
    }
}
