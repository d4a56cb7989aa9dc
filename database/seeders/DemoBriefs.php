<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\SaveBrief;
use App\Models\PublishedStandard;
use App\Models\Role;
use App\Models\Student;
use App\Models\StudentGroup;
use App\Models\User;
use App\School\School;
use Illuminate\Database\Seeder;
use Illuminate\Support\Str;

/** The third week of the demo, while it is planned: one practical that is ready to be set, and one that is only begun. */
final class DemoBriefs extends Seeder
{
    public function __construct(private readonly SaveBrief $saving, private readonly School $school) {}

    public function run(): void
    {
        $instructor = User::query()->where('role', Role::Instructor)->firstOrFail();
        $assessor = User::query()->where('role', Role::Assessor)->firstOrFail();
        $group = StudentGroup::query()->where('name', 'Sandpiper')->firstOrFail();
        $students = array_values($group->students()->orderBy('name')->get()->map(static fn(Student $it): string => $it->id)->all());
        $this->saving->save((string) Str::uuid7(), $this->brief('', null, null, '', [['sea-trout-side-skinned', array_slice($students, 0, 6)]], []), 0, $instructor);
        $this->saving->save((string) Str::uuid7(), $this->brief('Crown and legs', $this->school->today()->addDays(5)->toDateString(), '09:00', 'Larder kitchen', [['chicken-crown-and-legs', $students]], [
            (object) ['person' => $instructor->id, 'is_second' => false, 'stations' => range(1, 6)],
            (object) ['person' => $assessor->id, 'is_second' => false, 'stations' => range(7, count($students))],
        ]), 0, $instructor);
    }

    /**
     * @param list<array{string, list<string>}> $lists     key of the standard, and ids of students
     * @param list<\stdClass>                   $assessors
     */
    private function brief(string $title, ?string $day, ?string $start, string $room, array $lists, array $assessors): \stdClass
    {
        return (object) [
            'title' => $title, 'is_rehearsal' => false, 'day' => $day, 'start' => $start, 'room' => $room,
            'benches' => 12, 'scales' => 1, 'waves' => 3, 'gap_s' => 480, 'mise_s' => 600, 'clean_s' => 600, 'wait_s' => 360,
            'lists' => array_map(static fn(array $it): \stdClass => (object) [
                'standard' => PublishedStandard::latestOf($it[0])?->id,
                'students' => $it[1],
                'order' => (object) [
                    'specification' => 'Grade A, air-chilled, 1.7 to 2.0 kg, without giblets, fresh', 'on_hand' => 1, 'per_case' => 6, 'spare_fraction' => 0.1, 'spare_at_least' => 1,
                    'typical_mg' => null, 'price' => $title === '' ? null : (object) ['per' => 'kg', 'minor' => 495], 'is_frozen' => false,
                ],
            ], $lists),
            'assessors' => $assessors,
            'not_by' => [],
        ];
    }
}
