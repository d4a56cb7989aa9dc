<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Balance\MassBalance;
use DeftBlade\Core\Balance\Yields;
use DeftBlade\Core\Message\Message;

/** Everything computed for one attempt. */
final readonly class AttemptResult
{
    /**
     * @param list<ComponentScore> $scores
     * @param list<PieceVerdict>   $pieces
     * @param list<Borderline>     $borderline
     * @param list<Reason>         $reasons    largest loss first
     */
    public function __construct(
        public Attempt $attempt,
        public Status $status,
        public Grade $grade,
        public array $scores,
        public array $pieces,
        public MassBalance $balance,
        public ?Yields $yields,
        public bool $overLimit,
        public array $borderline,
        public array $reasons,
        /** The check that found the scale out of limits before something here was weighed. */
        public ?ScaleCheck $scaleOut,
        /** @var list<Mark> that two assessors must agree on */
        public array $toAgree = [],
        /** @var list<Message> what is said beside the reasons */
        public array $remarks = [],
    ) {}

    public function withRemarks(Policy $policy): self
    {
        return new self(
            $this->attempt,
            $this->status,
            $this->grade,
            $this->scores,
            $this->pieces,
            $this->balance,
            $this->yields,
            $this->overLimit,
            $this->borderline,
            $this->reasons,
            $this->scaleOut,
            $this->toAgree,
            Remark::of($this, $policy),
        );
    }
}
