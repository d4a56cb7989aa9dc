<?php

declare(strict_types=1);

namespace DeftBlade\Core\Quiz;

/** What is asked, and about what: the same whenever it is asked again. */
final readonly class Subject
{
    /** @param string $about id of the part, piece, criterion or step (counted from 0) */
    public function __construct(public QuizKind $kind, public string $about) {}

    public function key(): string
    {
        return "{$this->kind->value} $this->about";
    }
}
