<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Student;
use App\Models\User;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Practice\MostLost;

/** Reads how a student came on over a course, standard by standard, from their released results. */
final readonly class ReadCourse
{
    public function __construct(private ReadRecord $record, private PractisedStandards $standards) {}

    /** @return list<CourseStandard> in the order in which they were first tried */
    public function of(Student $student, CarbonImmutable $from, CarbonImmutable $to, User $user): array
    {
        $tries = $published = [];
        foreach ($this->record->of($student, $from, $to, $user) as $attempt) {
            $standard = $attempt->assessment->held->standard;
            $published[$standard->key] = $standard;
            $tries[$standard->key][] = CourseTry::of($attempt->loadMissing('release.seal'));
        }

        return array_map(function (array $of, string|int $key) use ($published): CourseStandard {
            $practised = $this->standards->of($published[$key]->latest());

            return new CourseStandard($practised, $of, MostLost::among($practised->standard, array_map(static fn(CourseTry $it): Node => $it->result, $of)));
        }, $tries, array_keys($tries));
    }
}
