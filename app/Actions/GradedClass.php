<?php

declare(strict_types=1);

namespace App\Actions;

use App\School\HeldStandard;
use DeftBlade\Core\Balance\BalanceAdvice;
use DeftBlade\Core\Balance\MixUp;
use DeftBlade\Core\Capture\StartGate;
use DeftBlade\Core\Grading\AttemptResult;
use DeftBlade\Core\Grading\Policy;
use DeftBlade\Core\Grading\ScaleChecks;
use DeftBlade\Core\Package\ClassResult;
use DeftBlade\Core\Package\PackageFormat;
use DeftBlade\Core\Package\ResultDocument;
use DeftBlade\Core\Sentence\Sentences;
use DeftBlade\Core\Standard\MiseList;
use DeftBlade\Core\Standard\Standard;

/** A class as graded now, looked up by attempt. */
final readonly class GradedClass
{
    /** @var array<string, AttemptResult> */
    private array $byAttempt;

    /** As held, in the words of the school. */
    public Standard $standard;

    public \stdClass $document;

    public Policy $policy;

    public Sentences $sentences;

    public MiseList $mise;

    public function __construct(public HeldStandard $held, public ScaleChecks $checks, public ClassResult $result)
    {
        [$this->standard, $this->document, $this->policy, $this->sentences, $this->mise] = [$held->standard, $held->document, $held->policy, $held->sentences, $held->mise];
        $this->byAttempt = array_column(array_map(static fn(AttemptResult $it): array => [$it->attempt->id, $it], $result->attempts), 1, 0);
    }

    public function of(string $attempt): AttemptResult
    {
        return $this->byAttempt[$attempt];
    }

    /** The result of one attempt in the latest version of the published format, its reasons as the school says them. */
    public function document(string $attempt): \stdClass
    {
        return (object) (new ResultDocument(PackageFormat::Three, $this->sentences))->attempt($this->of($attempt));
    }

    /** When a clock of this class may be set running. */
    public function gate(): StartGate
    {
        return new StartGate($this->mise);
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

        return array_map($this->sentences->say(...), (new BalanceAdvice($this->standard))->for($result->balance, $result->attempt->log));
    }
}
