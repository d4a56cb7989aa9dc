<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Attempt;

/** A tray as it stands. The rest of its class is looked at only where its weights do not balance: a mix-up is found between trays. */
final readonly class ReadTray
{
    public function __construct(private GradeClass $grading) {}

    /** @param Attempt $attempt what is shown of it is loaded */
    public function grade(Attempt $attempt): GradedClass
    {
        $attempt->load(['assessment', 'student', 'captures.user', 'release']);
        $assessment = $attempt->assessment;
        $alone = $this->grading->grade($assessment, [$attempt]);
        if (! $alone->of($attempt->id)->balance->state->isOff()) {
            return $alone;
        }
        $assessment->load(['attempts.student', 'attempts.captures']);

        return $this->grading->grade($assessment, $assessment->attempts);
    }
}
