<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Resources\TrayView;
use App\Models\Attempt;

/** A tray as it stands, seen within its class: mix-ups are found between trays. */
final readonly class ShowTray
{
    public function __construct(private GradeClass $grading) {}

    public function show(Attempt $attempt): TrayView
    {
        $assessment = $attempt->assessment()->firstOrFail();
        $assessment->load(['standard', 'policy', 'attempts.student', 'attempts.captures.user', 'attempts.release']);
        $class = $this->grading->grade($assessment, $assessment->attempts);
        $seated = $assessment->attempts->firstOrFail('id', $attempt->id);
        $seated->setRelation('assessment', $assessment);

        return TrayView::of($seated, $class);
    }
}
