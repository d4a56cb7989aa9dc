<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use Illuminate\Support\Facades\DB;

/** Makes the results projection anew from the facts. */
final readonly class RebuildResults
{
    public function __construct(private GradeClass $grading, private ProjectResults $projecting) {}

    /** @return int how many practicals were gone through */
    public function rebuild(bool $onlyUnmade = false): int
    {
        $count = 0;
        $query = Assessment::query()->orderBy('id')->when($onlyUnmade, static fn($it) => $it->whereHas('attempts', static fn($attempts) => $attempts->whereRelation('row', 'result_sha256', '')));
        foreach ($query->lazyById(20) as $assessment) {
            DB::transaction(function () use ($assessment): void {
                $locked = Assessment::query()->whereKey($assessment->id)->lockForUpdate()->firstOrFail()->load('attempts.captures');
                $this->projecting->project($locked, $locked->attempts, $this->grading->grade($locked, $locked->attempts));
            });
            $count++;
        }

        return $count;
    }
}
