<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Attempt;
use App\Models\Capture;
use App\School\HeldStandards;
use DeftBlade\Core\Capture\CaptureLog;
use DeftBlade\Core\Capture\CaptureReader;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Standard\Criterion;

/** Reads what practicals ask in writing: the criteria of their standards that have a question. */
final readonly class ReadWrittenAnswers
{
    public function __construct(private HeldStandards $held) {}

    /** @param Attempt $attempt with what it is held against */
    public function of(Attempt $attempt): WrittenAnswers
    {
        $standard = $this->held->of($attempt->assessment->held)->standard;
        $asked = array_values(array_filter($standard->criteria, static fn(Criterion $it): bool => $it->question !== null));
        if ($asked === []) {
            return new WrittenAnswers($attempt, $standard->title, [], [], false);
        }
        $log = CaptureLog::read(array_values($attempt->captures->map(static fn(Capture $it): Node => Node::of($it->inPackage(), 'capture'))->all()), new CaptureReader($standard));

        return new WrittenAnswers($attempt, $standard->title, $asked, $log->answers(), $attempt->assessment->cancelled === null && $log->time->startedAt === null);
    }
}
