<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** A photograph kept as evidence, by name and digest. */
final readonly class Photographed extends Capture
{
    public function __construct(string $id, int $at, string $by, public string $file, public string $sha256)
    {
        parent::__construct($id, $at, $by);
    }
}
