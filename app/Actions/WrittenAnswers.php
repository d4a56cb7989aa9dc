<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Attempt;
use DeftBlade\Core\Standard\Criterion;

/** What one practical asks a student in writing, and what they handed in. */
final readonly class WrittenAnswers
{
    /**
     * @param list<Criterion>       $asked
     * @param array<string, string> $answers by criterion
     * @param bool                  $isOpen  answers are taken: the clock has not started
     */
    public function __construct(public Attempt $attempt, public string $standard, public array $asked, public array $answers, public bool $isOpen) {}

    public function countOpen(): int
    {
        return count(array_filter($this->asked, fn(Criterion $it): bool => ! isset($this->answers[$it->id])));
    }
}
