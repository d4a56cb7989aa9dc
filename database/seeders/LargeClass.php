<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\PublishedPolicy;
use App\Models\PublishedStandard;
use App\Models\Student;
use App\Models\StudentGroup;
use Carbon\CarbonImmutable;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\DB;

/**
 * What the benchmarks run against: a class of twenty-four that is on today with forty captures a tray, over a table with as many old captures of
 * other classes as LARGE_CLASS_CAPTURES says. Not part of the demo.
 */
final class LargeClass extends Seeder
{
    private const STATIONS = 24;

    private const A_TRAY = 40;

    public function run(): void
    {
        $captures = (int) getenv('LARGE_CLASS_CAPTURES');
        for ($class = 0, $there = DB::table('captures')->count(); $there < $captures; $class++, $there += self::STATIONS * self::A_TRAY) {
            $this->practical("Old class $there", CarbonImmutable::today()->subDays(30 + $class));
        }
        $this->practical("Twenty-four stations over $captures", CarbonImmutable::today());
        DB::statement('ANALYZE');
    }

    private function practical(string $title, CarbonImmutable $day): void
    {
        $standard = PublishedStandard::query()->where('key', 'chicken-eight-piece')->firstOrFail();
        $group = StudentGroup::query()->firstOrCreate(['name' => 'Curlew', 'course' => 'Larder 2']);
        $assessment = Assessment::query()->create([
            'title' => $title, 'room' => 'Great kitchen', 'held_on' => $day, 'student_group_id' => $group->id,
            'published_standard_id' => $standard->id, 'published_policy_id' => PublishedPolicy::query()->firstOrFail()->id, 'document' => $standard->document,
        ]);
        foreach (range(1, self::STATIONS) as $station) {
            $student = Student::query()->firstOrCreate(['name' => "Student $station", 'student_group_id' => $group->id], ['time_factor' => 1]);
            Attempt::query()->create(['assessment_id' => $assessment->id, 'student_id' => $student->id, 'station' => $station, 'time_factor' => 1]);
        }
        // Made where they are stored: a million would take long on the way.
        DB::insert(
            <<<'SQL'
                INSERT INTO captures (id, attempt_id, kind, at, payload, user_id, device, received_at)
                SELECT gen_random_uuid(), attempts.id, 'note', now() - interval '40 days', '{"text": "old"}', (SELECT id FROM users LIMIT 1), 'bench', now() - interval '40 days'
                FROM attempts, generate_series(1, ?) WHERE attempts.assessment_id = ?
                SQL,
            [self::A_TRAY, $assessment->id],
        );
    }
}
