<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Resources\FloorView;
use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\Room;
use DeftBlade\Core\Shipped\ShippedDocuments;

/** Puts the room together as it stands now. */
final readonly class ShowFloor
{
    public function __construct(private GradeClass $grading, private ShippedDocuments $shipped) {}

    public function show(Assessment $assessment): FloorView
    {
        $assessment->load(['policy', 'attempts.student', 'attempts.captures']);
        $class = $this->grading->grade($assessment, $assessment->attempts);
        $numbers = array_values($assessment->attempts->map(static fn(Attempt $it): int => $it->station)->all());

        return FloorView::of($assessment, $class, $this->shipped, Room::rowsFor($assessment->room, $numbers));
    }
}
