<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

use DeftBlade\Core\Weighing\Mass;

/** One portion of a piece that is a set, weighed by itself. */
final readonly class PortionWeighed extends Capture
{
    /**
     * @param int $portion from 1
     * @param int $of      how many portions the piece has
     */
    public function __construct(string $id, int $at, string $by, public string $piece, public int $portion, public int $of, public Mass $mass)
    {
        parent::__construct($id, $at, $by);
    }

    public function slot(): string
    {
        return "portion {$this->portion} {$this->piece}";
    }
}
