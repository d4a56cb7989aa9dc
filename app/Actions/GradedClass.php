<?php

declare(strict_types=1);

namespace App\Actions;

use DeftBlade\Core\Balance\BalanceAdvice;
use DeftBlade\Core\Balance\MixUp;
use DeftBlade\Core\Grading\AttemptResult;
use DeftBlade\Core\Package\ClassResult;
use DeftBlade\Core\Standard\Standard;

/** A class as graded now, looked up by attempt. */
final readonly class GradedClass
{
    /** @var array<string, AttemptResult> */
    private array $byAttempt;

    public function __construct(public Standard $standard, public ClassResult $result)
    {
        $this->byAttempt = array_column(array_map(static fn(AttemptResult $it): array => [$it->attempt->id, $it], $result->attempts), 1, 0);
    }

    public function of(string $attempt): AttemptResult
    {
        return $this->byAttempt[$attempt];
    }

    /** @return list<MixUp> */
    public function mixUpsOf(string $attempt): array
    {
        return array_values(array_filter($this->result->mixUps, static fn(MixUp $it): bool => $it->over === $attempt || $it->short === $attempt));
    }

    /** @return list<string> */
    public function adviceFor(string $attempt): array
    {
        $result = $this->of($attempt);

        return (new BalanceAdvice($this->standard))->for($result->balance, $result->attempt->log);
    }
}
