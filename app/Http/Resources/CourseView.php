<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\CourseStandard;
use App\Models\PublishedPolicy;
use App\Models\Student;
use App\School\School;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Grading\Component;
use DeftBlade\Core\Grading\Policy;
use DeftBlade\Core\Json\Node;
use OpenApi\Attributes as OA;

/** How a student came on over a course, for a talk with them. */
#[OA\Schema]
final readonly class CourseView
{
    /**
     * @param list<CourseStandardView> $standards
     */
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $student,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $group,
        #[OA\Property(format: 'date')]
        public string $from,
        #[OA\Property(format: 'date')]
        public string $to,
        #[OA\Property(type: 'array', items: new OA\Items(ref: CourseStandardView::class), description: 'In the order in which they were first tried.')]
        public array $standards,
    ) {}

    /** @param list<CourseStandard> $standards */
    public static function of(Student $student, CarbonImmutable $from, CarbonImmutable $to, array $standards, School $school): self
    {
        $policy = Policy::read(Node::of($school->said(PublishedPolicy::inForce()->document), 'policy'));
        $titles = array_column(array_map(static fn(Component $it): array => [$it->id(), $it->title()], $policy->components), 1, 0);

        return new self(
            $student->id,
            $student->name,
            $student->group->fullName(),
            $from->toDateString(),
            $to->toDateString(),
            array_map(static fn(CourseStandard $it): CourseStandardView => CourseStandardView::of($it, $titles, $school), $standards),
        );
    }
}
