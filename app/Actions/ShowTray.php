<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Resources\TrayView;
use App\Models\Attempt;

/** A tray as it stands. The rest of its class is looked at only where its weights do not balance: a mix-up is found between trays. */
final readonly class ShowTray
{
    public function __construct(private GradeClass $grading) {}

    public function show(Attempt $attempt): TrayView
    {
        $attempt->load(['assessment.policy', 'student', 'captures.user', 'release']);
        $assessment = $attempt->assessment;
        $alone = $this->grading->grade($assessment, [$attempt]);
        if (! $alone->of($attempt->id)->balance->state->isOff()) {
            return TrayView::of($attempt, $alone);
        }
        $assessment->load(['attempts.student', 'attempts.captures']);

        return TrayView::of($attempt, $this->grading->grade($assessment, $assessment->attempts));
    }
}
