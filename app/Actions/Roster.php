<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Student;
use App\Models\StudentGroup;
use App\Roster\CsvText;
use App\Roster\RosterColumn;
use App\Roster\ZippedCsv;
use Illuminate\Support\Collection;
use Illuminate\Support\Str;
use Ramsey\Uuid\Uuid;

/** The roster as files: what is written here is read again as it was. */
final readonly class Roster
{
    /** @return string CSV, marked as UTF-8 for spreadsheets */
    public function csv(?StudentGroup $group = null): string
    {
        $columns = [RosterColumn::Number, RosterColumn::Name, RosterColumn::Family, RosterColumn::Email, RosterColumn::Course, RosterColumn::Group, RosterColumn::Term];
        $rows = $this->students($group)->map(static fn(Student $it): array => [$it->number, $it->name, $it->family_name, $it->email, $it->group->course, $it->group->name, $it->group->term]);

        return CsvText::BYTE_ORDER_MARK.CsvText::of([array_map(static fn(RosterColumn $it): string => $it->heading(), $columns), ...array_values($rows->all())]);
    }

    /** @return string a zip with the CSV files of OneRoster 1.2 */
    public function oneRoster(?StudentGroup $group = null): string
    {
        $students = $this->students($group);
        $groups = $students->map(static fn(Student $it): StudentGroup => $it->group)->unique('id')->values();
        $courses = array_values(array_unique(array_map(static fn(StudentGroup $it): string => $it->course, $groups->all())));
        // The same thing has the same id in every export.
        $id = static fn(string $of): string => Uuid::uuid5(Uuid::NAMESPACE_URL, "deft-blade:$of")->toString();
        $files = [
            'users' => [
                ['sourcedId', 'status', 'dateLastModified', 'enabledUser', 'username', 'userIds', 'givenName', 'familyName', 'middleName', 'identifier', 'email'],
                ...$students->map(static fn(Student $it): array => [$it->id, '', '', 'true', $it->email ?? $it->number ?? $it->id, '', self::given($it), $it->family_name, '', $it->number, $it->email])->all(),
            ],
            'courses' => [['sourcedId', 'status', 'dateLastModified', 'title'], ...array_map(static fn(string $it): array => [$id("course $it"), '', '', $it], $courses)],
            'academicSessions' => [
                ['sourcedId', 'status', 'dateLastModified', 'title', 'type', 'startDate', 'endDate'],
                ...$groups->where('term', '<>', '')->unique('term')->map(static fn(StudentGroup $it): array => [$id("term $it->term"), '', '', $it->term, 'term', $it->starts_on?->toDateString(), $it->ends_on?->toDateString()])->values()->all(),
            ],
            'classes' => [
                ['sourcedId', 'status', 'dateLastModified', 'title', 'courseSourcedId', 'classType', 'termSourcedIds'],
                ...$groups->map(static fn(StudentGroup $it): array => [$it->id, '', '', $it->name, $id("course $it->course"), 'scheduled', $it->term === '' ? '' : $id("term $it->term")])->values()->all(),
            ],
            'enrollments' => [
                ['sourcedId', 'status', 'dateLastModified', 'classSourcedId', 'schoolSourcedId', 'userSourcedId', 'role', 'primary', 'beginDate', 'endDate'],
                ...$students->map(static fn(Student $it): array => [$id("enrollment $it->id $it->student_group_id"), '', '', $it->student_group_id, '', $it->id, 'student', '', '', ''])->all(),
            ],
        ];

        return ZippedCsv::of(array_map(array_values(...), $files));
    }

    /** @return Collection<int, Student> */
    private function students(?StudentGroup $group): Collection
    {
        return Student::query()->with('group')->whereNull('left_at')->when($group !== null, static fn($students) => $students->where('student_group_id', $group?->id))->orderBy('student_group_id')->orderBy('name')->get()->toBase();
    }

    private static function given(Student $student): string
    {
        return $student->family_name === '' ? $student->name : trim(Str::replaceEnd($student->family_name, '', $student->name));
    }
}
