<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

use DeftBlade\Core\Weighing\Mass;

/** A by-product container, weighed net. */
final readonly class BinWeighed extends Capture
{
    public function __construct(string $id, int $at, string $by, public string $bin, public Mass $mass)
    {
        parent::__construct($id, $at, $by);
    }

    public function slot(): string
    {
        return "bin {$this->bin}";
    }
}
