<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

use DeftBlade\Core\Weighing\Mass;

/** A piece of the cut list, weighed. */
final readonly class PieceWeighed extends Capture
{
    public function __construct(string $id, int $at, string $by, public string $piece, public Mass $mass)
    {
        parent::__construct($id, $at, $by);
    }

    public function slot(): string
    {
        return "piece {$this->piece}";
    }
}
