<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** Something done well, in words; it earns nothing and is told to the student. */
final readonly class DoneWell extends Capture
{
    public function __construct(string $id, int $at, string $by, public string $text)
    {
        parent::__construct($id, $at, $by);
    }
}
