<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Drill;
use App\Models\Homework;
use App\Models\StudentGroup;
use App\Models\User;
use Carbon\CarbonImmutable;

/** Sets what a group is to practise by a day. Sent again, it is set once, and what was done since counts. */
final readonly class SetHomework
{
    /** @throws Conflict where the id is taken by another */
    public function set(string $id, StudentGroup $group, string $standard, Drill $kind, string $until, string $note, User $by): void
    {
        Homework::query()->insertOrIgnore(['id' => $id, 'student_group_id' => $group->id, 'published_standard_id' => $standard, 'kind' => $kind->value, 'until' => $until, 'note' => $note, 'user_id' => $by->id, 'at' => CarbonImmutable::now()]);
        $kept = Homework::query()->findOrFail($id);
        $isSame = $kept->student_group_id === $group->id && $kept->published_standard_id === $standard && $kept->kind === $kind && $kept->until->toDateString() === $until && $kept->note === $note;
        $isSame || throw Conflict::homeworkIdTaken($id);
    }
}
