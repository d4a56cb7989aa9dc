<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\StudentGroup;
use OpenApi\Attributes as OA;

/** A group of students in a term of a course. */
#[OA\Schema]
final readonly class GroupView
{
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property]
        public string $course,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $term,
        #[OA\Property(format: 'date')]
        public ?string $starts_on,
        #[OA\Property(format: 'date')]
        public ?string $ends_on,
        #[OA\Property(description: 'Students in it now.')]
        public int $students,
    ) {}

    /** @param StudentGroup $group with its students counted */
    public static function of(StudentGroup $group): self
    {
        return new self($group->id, $group->course, $group->name, $group->term, $group->starts_on?->toDateString(), $group->ends_on?->toDateString(), $group->students_count);
    }
}
