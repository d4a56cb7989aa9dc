<?php

declare(strict_types=1);

namespace Tests;

use App\Models\PublishedStandard;
use App\Models\Student;
use App\School\School;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** One brief of a test's own, saved and set through the API. */
trait PlansPracticals
{
    private string $id;

    protected function setUp(): void
    {
        parent::setUp();
        $this->id = (string) Str::uuid7();
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function save(\stdClass $brief, int $version): TestResponse
    {
        return $this->putJson("/api/v1/briefs/{$this->id}", (array) $brief, ['If-Match' => "\"$version\""]);
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function set(int $version): TestResponse
    {
        return $this->postJson("/api/v1/briefs/{$this->id}/set", [], ['If-Match' => "\"$version\""]);
    }

    private function today(): CarbonImmutable
    {
        return ($this->app?->make(School::class) ?? self::fail('no application'))->today();
    }

    private function tomorrow(): string
    {
        return $this->today()->addDay()->toDateString();
    }

    /** @param array<string, mixed> $but */
    private static function brief(array $but = []): \stdClass
    {
        return (object) ($but + [
            'title' => 'Crown', 'is_rehearsal' => true, 'day' => app(School::class)->today()->addDay()->toDateString(), 'start' => '09:00', 'room' => 'North kitchen',
            'benches' => 12, 'scales' => 1, 'waves' => 3, 'gap_s' => 480, 'mise_s' => 600, 'clean_s' => 600, 'wait_s' => 360,
            'lists' => [self::list('chicken-crown-and-legs', self::students())], 'assessors' => [], 'not_by' => [],
        ]);
    }

    /** @param list<string> $students */
    private static function list(string $standard, array $students): \stdClass
    {
        return (object) ['standard' => PublishedStandard::latestOf($standard)?->id, 'students' => $students, 'order' => (object) [
            'specification' => '', 'on_hand' => 1, 'per_case' => 6, 'spare_fraction' => 0.1, 'spare_at_least' => 1, 'typical_mg' => null, 'price' => (object) ['per' => 'kg', 'minor' => 495], 'is_frozen' => false,
        ]];
    }

    /** @return list<string> */
    private static function students(): array
    {
        return array_values(Student::query()->orderBy('name')->get()->map(static fn(Student $it): string => $it->id)->all());
    }
}
