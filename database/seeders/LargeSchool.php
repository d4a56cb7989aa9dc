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

/** What the lists are measured against: a school with many students, standards and practicals. Not part of the demo. */
final class LargeSchool extends Seeder
{
    private const A_GROUP = 20;

    private const A_PRACTICAL = 12;

    public function __construct(private readonly SetUpPractical $setting) {}

    public function run(): void
    {
        $isBrief = getenv('BENCH_BRIEF') !== false;
        [$students, $standards, $practicals] = $isBrief ? [200, 40, 5] : [2_000, 300, 400];
        DB::transaction(function () use ($students, $standards, $practicals): void {
            $this->addStudents($students);
            $this->publish($standards);
            $this->holdPracticals($practicals);
        });
        DB::statement('ANALYZE');
    }

    private function addStudents(int $count): void
    {
        for ($there = Student::query()->count(), $number = $there; $number < $count; $number++) {
            $group = StudentGroup::query()->firstOrCreate(['course' => 'Larder '.intdiv($number, 200), 'name' => 'Group '.intdiv($number, self::A_GROUP)]);
            Student::query()->create(['name' => "Student $number of many", 'number' => "L-$number", 'email' => "student.$number@tollgate-quay.example", 'student_group_id' => $group->id]);
        }
    }

    private function publish(int $count): void
    {
        $shipped = PublishedStandard::query()->get();
        for ($number = $shipped->count(); $number < $count; $number++) {
            $copied = $shipped[$number % $shipped->count()] ?? throw new \LogicException('no standard ships');
            $key = "{$copied->key}-$number";
            $document = (object) (['key' => $key, 'title' => (is_string($copied->document->title ?? null) ? $copied->document->title : $copied->key).", $number"] + (array) $copied->document);
            PublishedStandard::query()->create(['key' => $key, 'version' => 1, 'document' => $document, 'published_at' => CarbonImmutable::now()]);
        }
    }

    private function holdPracticals(int $count): void
    {
        $by = User::query()->where('role', Role::Instructor)->firstOrFail();
        $standard = PublishedStandard::query()->where('key', 'chicken-eight-piece')->firstOrFail();
        $groups = StudentGroup::query()->where('name', 'like', 'Group %')->orderBy('id')->get();
        for ($number = 0; $number < $count; $number++) {
            $group = $groups[$number % $groups->count()] ?? throw new \LogicException('there are groups');
            $this->setting->setUp("Practical $number", 'Great kitchen', CarbonImmutable::today()->subDays(8 + $number), $group, $standard, PublishedPolicy::inForce(), $group->students()->limit(self::A_PRACTICAL)->get(), $by);
        }
    }
}
