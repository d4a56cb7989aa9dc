<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\DayNote;
use App\Models\User;
use Carbon\CarbonImmutable;

/** Writes down what happened on a day. Sent again, it is written once. */
final readonly class KeepDayNote
{
    /** @throws Conflict where the id is taken by another */
    public function keep(string $id, string $on, string $text, User $by): void
    {
        DayNote::query()->insertOrIgnore(['id' => $id, 'on' => $on, 'text' => $text, 'user_id' => $by->id, 'at' => CarbonImmutable::now()]);
        $kept = DayNote::query()->findOrFail($id);
        $kept->on->toDateString() === $on && $kept->text === $text || throw Conflict::dayNoteIdTaken($id);
    }
}
