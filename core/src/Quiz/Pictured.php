<?php

declare(strict_types=1);

namespace DeftBlade\Core\Quiz;

/** A tray in photographs, and the level that was agreed for one criterion of it. */
final readonly class Pictured
{
    /**
     * @param string       $id       of the tray and the criterion, the same whenever it is asked again
     * @param list<string> $pictures SHA-256 of each, at least one
     * @param string       $because  why it is that level
     */
    public function __construct(public string $id, public array $pictures, public string $criterion, public int $level, public string $because) {}
}
