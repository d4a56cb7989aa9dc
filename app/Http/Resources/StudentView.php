<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Accommodation;
use App\Models\Student;
use Carbon\CarbonImmutable;
use OpenApi\Attributes as OA;

/** A student on the roster. What they work under, and why, is told to whoever keeps the roster only. */
#[OA\Schema]
final readonly class StudentView
{
    /**
     * @param list<string>            $barred
     * @param list<AccommodationView> $accommodations
     */
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $family_name,
        #[OA\Property]
        public ?string $number,
        #[OA\Property]
        public ?string $email,
        #[OA\Property(format: 'uuid')]
        public string $group,
        #[OA\Property]
        public string $group_name,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'Classes of product an allergy bars.')]
        public array $barred,
        #[OA\Property(type: 'array', items: new OA\Items(ref: AccommodationView::class))]
        public array $accommodations,
        #[OA\Property(description: 'How much of the standard time they have today.')]
        public float $time_factor,
        #[OA\Property(description: 'Signs in.')]
        public bool $has_account,
        #[OA\Property(format: 'date-time')]
        public ?string $left_at,
    ) {}

    /** @param Student $student with group, accommodations and account */
    public static function of(Student $student, CarbonImmutable $today): self
    {
        return new self(
            $student->id,
            $student->name,
            $student->family_name,
            $student->number,
            $student->email,
            $student->student_group_id,
            $student->group->fullName(),
            $student->barred,
            array_values($student->accommodations->map(static fn(Accommodation $it): AccommodationView => AccommodationView::of($it))->all()),
            $student->timeFactorOn($today),
            $student->user?->password !== null,
            $student->left_at?->toRfc3339String(),
        );
    }
}
