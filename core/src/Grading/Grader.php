<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Balance\MassBalance;
use DeftBlade\Core\Balance\Yields;
use DeftBlade\Core\Standard\Standard;

/** Grades attempts at one standard under one policy. */
final readonly class Grader
{
    public function __construct(public Standard $standard, private Policy $policy, private ScaleChecks $checks) {}

    /** @throws EmptyWindow when the policy's own rule leaves a window empty */
    public function grade(Attempt $attempt): AttemptResult
    {
        $tray = Tray::of($this->standard, $attempt->log, $attempt->timeFactor, $this->policy->moderation);
        $overLimit = $this->isOverLimit($tray);
        $causes = $this->capCauses($tray, $attempt, $overLimit);
        $verdicts = $this->policy->judgeOfPieces($this->policy->decision->rule)->judge($tray);
        $scores = array_map(static fn(Component $it): ComponentScore => $it->score($tray, $verdicts), $this->policy->components);
        $isVoid = $tray->asPurchased() === null && $tray->log->weights->pieces === [];
        $grade = Grade::of($this->policy, $isVoid ? [] : $scores, $causes);

        return (new AttemptResult(
            $attempt,
            $isVoid ? Status::Void : self::statusOf($scores),
            $grade,
            $scores,
            $verdicts,
            MassBalance::of($this->standard, $attempt->log, $this->policy->balance),
            Yields::of($this->standard, $attempt->log),
            $overLimit,
            (new BorderlineSearch($this->policy))->search($tray, $verdicts, $scores, $grade, $causes),
            Reason::of($scores, $grade),
            $this->checks->firstOut($attempt->log->history, $this->policy),
            $this->toAgree($tray),
        ))->withRemarks($this->policy);
    }

    /** @return list<Mark> that two assessors must agree on */
    private function toAgree(Tray $tray): array
    {
        $marks = array_map($tray->mark(...), array_values($this->standard->criteria));

        return array_values(array_filter($marks, static fn(Mark $it): bool => $it->isToAgree() && ! $tray->excusesCriterion($it->criterion->id)));
    }

    /** @return list<CapCause> */
    private function capCauses(Tray $tray, Attempt $attempt, bool $overLimit): array
    {
        $critical = false;
        foreach ($this->standard->faults as $fault) {
            $critical = $critical || ($fault->critical && isset($tray->log->judged->faults[$fault->id]));
        }

        return array_values(array_filter(CapCause::cases(), static fn(CapCause $cause): bool => match ($cause) {
            CapCause::Critical => $critical,
            CapCause::Resit => $attempt->resit,
            CapCause::OverLimit => $overLimit,
        }));
    }

    private function isOverLimit(Tray $tray): bool
    {
        $allowance = $this->standard->time?->times($tray->timeFactor);

        return $allowance !== null && $tray->log->time->ms > $allowance->limitMs;
    }

    /** @param list<ComponentScore> $scores */
    private static function statusOf(array $scores): Status
    {
        foreach ($scores as $score) {
            if ($score->state === ComponentState::Pending) {
                return Status::Provisional;
            }
        }

        return Status::Final;
    }
}
