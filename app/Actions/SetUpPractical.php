<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\Capture;
use App\Models\PublishedPolicy;
use App\Models\PublishedStandard;
use App\Models\Student;
use App\Models\StudentGroup;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Sets a practical up: what it is held against, who works where, and under what terms; all of it as facts with an author. */
final readonly class SetUpPractical
{
    private const DEVICE = 'the school';

    public function __construct(private HoldAgainst $holding, private AddCaptures $adding, private GradeClass $grading, private ProjectResults $projecting) {}

    /**
     * @param iterable<Student> $students in the order of stations
     * @param int               $first    the station of the first
     * @param list<string>      $resits   ids of the students who resit
     */
    public function setUp(string $title, string $room, CarbonImmutable $day, StudentGroup $group, PublishedStandard $standard, PublishedPolicy $policy, iterable $students, User $by, ?CarbonImmutable $at = null, int $first = 1, array $resits = []): Assessment
    {
        $at ??= CarbonImmutable::now();

        return DB::transaction(function () use ($title, $room, $day, $group, $standard, $policy, $students, $by, $at, $first, $resits): Assessment {
            $assessment = Assessment::query()->create(['title' => $title, 'room' => $room, 'held_on' => $day->toDateString(), 'student_group_id' => $group->id]);
            $held = $this->holding->documents($assessment, $standard, $policy, 'Set up', $by, $at);
            $assessment->setRelation('held', $held->load('policy', 'standard'));
            $station = $first - 1;
            foreach ($students as $student) {
                $attempt = Attempt::query()->create(['assessment_id' => $assessment->id, 'student_id' => $student->id]);
                $station++;
                $terms = [self::fact($at, 'station', ['station' => $station]), HoldAgainst::fact($held, $standard, $at), ...self::allowance($student, $day, $at), ...in_array($student->id, $resits, true) ? [self::fact($at, 'resit', ['resit' => true])] : []];
                $this->adding->add($attempt, $terms, $by, self::DEVICE);
            }
            $attempts = Attempt::query()->with('captures', 'student')->where('assessment_id', $assessment->id)->get();
            $this->projecting->project($assessment, $attempts, $this->grading->grade($assessment, $attempts));

            return Assessment::query()->with('attempts.student', 'attempts.assessment')->findOrFail($assessment->id);
        });
    }

    /** @return list<\stdClass> */
    private static function allowance(Student $student, CarbonImmutable $day, CarbonImmutable $at): array
    {
        $factor = $student->loadMissing('accommodations')->timeFactorOn($day);

        return $factor === 1.0 ? [] : [self::fact($at, 'allowance', ['time_factor' => $factor, 'reason' => 'As agreed with the student'])];
    }

    /** @param array<string, mixed> $says */
    private static function fact(CarbonImmutable $at, string $kind, array $says): \stdClass
    {
        return (object) (['id' => (string) Str::uuid7($at), 'at' => $at->utc()->format(Capture::AT_FORMAT), 'kind' => $kind] + $says + ['reason' => 'Set up']);
    }
}
