<?php

declare(strict_types=1);

namespace DeftBlade\Core\Quiz;

use Random\Randomizer;

/** Makes questions of one kind. */
interface QuestionMaker
{
    /** @return list<string> what it can ask about, each so that exactly one answer is right */
    public function subjects(): array;

    public function ask(string $about, Randomizer $random): QuizQuestion;
}
