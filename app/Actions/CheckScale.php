<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use App\Models\ScaleCheck;
use App\Models\User;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Weighing\Mass;
use Illuminate\Support\Facades\DB;

/** Keeps what the scale of a practical said of a check weight; sent again, it is kept once. */
final readonly class CheckScale
{
    public function __construct(private GradeClass $grading, private ProjectResults $projecting) {}

    /** @throws Conflict where the id is taken by another check */
    public function check(Assessment $assessment, string $id, Mass $nominal, Mass $reading, User $by): void
    {
        DB::transaction(function () use ($assessment, $id, $nominal, $reading, $by): void {
            Assessment::query()->whereKey($assessment->id)->lockForUpdate()->firstOrFail();
            $kept = ScaleCheck::query()->find($id);
            if ($kept !== null) {
                if ([$kept->assessment_id, $kept->nominal_mg, $kept->reading_mg] !== [$assessment->id, $nominal->mg, $reading->mg]) {
                    throw Conflict::checkIdTaken($id);
                }

                return;
            }
            ScaleCheck::query()->create(['id' => $id, 'assessment_id' => $assessment->id, 'user_id' => $by->id, 'at' => CarbonImmutable::now(), 'nominal_mg' => $nominal->mg, 'reading_mg' => $reading->mg]);
            $assessment->load('attempts.captures', 'scaleChecks');
            $this->projecting->project($assessment, $assessment->attempts, $this->grading->grade($assessment, $assessment->attempts));
        });
    }
}
