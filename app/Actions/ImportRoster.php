<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\AuditEntry;
use App\Models\Student;
use App\Models\StudentGroup;
use App\Models\User;
use App\Roster\RosterFile;
use App\Roster\RosterRow;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use Illuminate\Support\Facades\DB;

/** Brings a file into the roster: all of its right rows or, where something fails, none. The same file again changes nothing. */
final readonly class ImportRoster
{
    public function __construct(private PlanRoster $planning) {}

    public function import(RosterFile $file, User $by): RosterPlan
    {
        return DB::transaction(function () use ($file, $by): RosterPlan {
            StudentGroup::lockRoster();
            $plan = $this->planning->plan($file);
            /** @var array<string, StudentGroup> $groups */
            $groups = [];
            foreach ($plan->changes as $change) {
                if ($change->changes()) {
                    $group = $groups["{$change->row->course}\n{$change->row->group}\n{$change->row->term}"] ??= self::group($change->row, $change->student);
                    self::write($change, $group);
                }
            }
            if ($plan->countNew() + $plan->countChanged() > 0) {
                AuditEntry::keep($by, Message::of(MessageCode::AuditRosterImported, ['new' => $plan->countNew(), 'changed' => $plan->countChanged()]));
            }

            return $plan;
        });
    }

    private static function group(RosterRow $row, ?Student $student): StudentGroup
    {
        $course = $row->course === '' ? $student->group->course ?? '' : $row->course;
        // A file that names no term means the group of that name, whatever its term.
        $there = StudentGroup::query()->where(['course' => $course, 'name' => $row->group])->when($row->term !== '', static fn($groups) => $groups->where('term', $row->term))->orderByDesc('starts_on')->first();

        return $there ?? StudentGroup::query()->create(['course' => $course, 'name' => $row->group, 'term' => $row->term]);
    }

    private static function write(RosterChange $change, StudentGroup $group): void
    {
        $row = $change->row;
        $says = array_filter(['number' => $row->number, 'email' => $row->email, 'family_name' => $row->family], static fn(string $it): bool => $it !== '') + ['name' => $row->name, 'student_group_id' => $group->id];
        if ($change->student === null) {
            Student::query()->create($says);

            return;
        }
        $change->student->update($says + ['left_at' => null]);
    }
}
