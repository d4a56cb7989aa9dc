<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\SetUpPractical;
use App\Models\PublishedPolicy;
use App\Models\PublishedStandard;
use App\Models\Role;
use App\Models\Student;
use App\Models\StudentGroup;
use App\Models\User;
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

    public function __construct(private readonly SetUpPractical $setting) {}

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
        $group = StudentGroup::query()->firstOrCreate(['name' => 'Curlew', 'course' => 'Larder 2']);
        foreach (range(1, self::STATIONS) as $station) {
            Student::query()->firstOrCreate(['name' => "Student $station", 'student_group_id' => $group->id]);
        }
        $standard = PublishedStandard::query()->where('key', 'chicken-eight-piece')->firstOrFail();
        $by = User::query()->where('role', Role::Instructor)->firstOrFail();
        $assessment = $this->setting->setUp($title, 'Great kitchen', $day, $group, $standard, PublishedPolicy::inForce(), $group->students()->get(), $by);
        // Made where they are stored: a million would take long on the way.
        DB::insert(
            <<<'SQL'
                INSERT INTO captures (id, attempt_id, kind, at, said_at, payload, user_id, device, received_at)
                SELECT gen_random_uuid(), attempts.id, 'note', now() - interval '40 days', now() - interval '40 days', '{"text": "old"}', ?, 'bench', now() - interval '40 days'
                FROM attempts, generate_series(1, ?) WHERE attempts.assessment_id = ?
                SQL,
            [$by->id, self::A_TRAY, $assessment->id],
        );
    }
}
