<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\AuditEntry;
use App\Models\Student;
use App\Models\StudentGroup;
use App\Models\User;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use Illuminate\Support\Facades\DB;

/** Adds a student, changes what is kept of one, moves one to another group, and lets one leave and come back. */
final readonly class ChangeStudent
{
    public function __construct(private EndSessions $ending) {}

    /**
     * @param string                                                                                                      $id   a UUID that the screen made; sent again, it is the student it was
     * @param array{name: string, family_name?: string, number?: string|null, email?: string|null, barred?: list<string>} $says
     *
     * @throws Conflict where the number or the id is somebody else's
     */
    public function add(string $id, StudentGroup $group, array $says, User $by): Student
    {
        return DB::transaction(function () use ($id, $group, $says, $by): Student {
            StudentGroup::lockRoster();
            $added = Student::query()->find($id);
            if ($added !== null) {
                return $added->name === $says['name'] ? $added : throw Conflict::entryIdTaken($id);
            }
            self::refuseTakenNumber($says['number'] ?? null, null);
            AuditEntry::keep($by, Message::of(MessageCode::AuditStudentAdded, ['person' => $says['name'], 'group' => $group->fullName()]));

            $student = new Student($says + ['student_group_id' => $group->id]);
            $student->id = $id;
            $student->save();

            return $student;
        });
    }

    /**
     * @param array{name?: string, family_name?: string, number?: string|null, email?: string|null, barred?: list<string>} $says only what changes
     *
     * @throws Conflict where the number is somebody else's
     */
    public function change(Student $student, array $says, User $by): void
    {
        DB::transaction(static function () use ($student, $says, $by): void {
            StudentGroup::lockRoster();
            self::refuseTakenNumber($says['number'] ?? null, $student);
            $student->fill($says);
            if ($student->isDirty()) {
                AuditEntry::keep($by, Message::of(MessageCode::AuditStudentChanged, ['person' => $student->name]));
                $student->save();
            }
        });
    }

    public function move(Student $student, StudentGroup $group, User $by): void
    {
        if ($student->student_group_id === $group->id) {
            return;
        }
        DB::transaction(static function () use ($student, $group, $by): void {
            AuditEntry::keep($by, Message::of(MessageCode::AuditStudentMoved, ['person' => $student->name, 'was' => $student->group->fullName(), 'is' => $group->fullName()]));
            $student->update(['student_group_id' => $group->id]);
        });
    }

    /** Practicals that are set up keep their students. */
    public function leave(Student $student, User $by): void
    {
        if ($student->left_at !== null) {
            return;
        }
        DB::transaction(function () use ($student, $by): void {
            $student->update(['left_at' => CarbonImmutable::now()]);
            $student->user?->update(['left_at' => CarbonImmutable::now()]);
            if ($student->user !== null) {
                $this->ending->of($student->user);
            }
            AuditEntry::keep($by, Message::of(MessageCode::AuditPersonLeft, ['person' => $student->name]));
        });
    }

    public function comeBack(Student $student, User $by): void
    {
        if ($student->left_at === null) {
            return;
        }
        DB::transaction(static function () use ($student, $by): void {
            $student->update(['left_at' => null]);
            $student->user?->update(['left_at' => null]);
            AuditEntry::keep($by, Message::of(MessageCode::AuditPersonBack, ['person' => $student->name]));
        });
    }

    private static function refuseTakenNumber(?string $number, ?Student $own): void
    {
        if ($number === null) {
            return;
        }
        $other = Student::query()->where('number', $number)->when($own !== null, static fn($students) => $students->whereKeyNot($own?->id))->first();
        if ($other !== null) {
            throw Conflict::numberTaken($number, $other->name);
        }
    }
}
