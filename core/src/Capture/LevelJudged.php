<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** A criterion judged: the index of the level it met. */
final readonly class LevelJudged extends Capture
{
    public function __construct(string $id, int $at, string $by, public string $criterion, public int $level)
    {
        parent::__construct($id, $at, $by);
    }

    public function slot(): string
    {
        return "level {$this->criterion}";
    }
}
