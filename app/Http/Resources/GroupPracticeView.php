<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** What a group practised, what it loses points at, and what it is to practise. */
#[OA\Schema]
final readonly class GroupPracticeView
{
    /**
     * @param list<string>                   $days
     * @param list<StudentPracticeView>|null $students
     * @param list<LostAtView>               $lost
     * @param list<HomeworkView>             $homework
     */
    public function __construct(
        #[OA\Property]
        public string $group,
        #[OA\Property(description: 'Students in it.')]
        public int $size,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string', format: 'date'), description: 'The days looked at, the first first.')]
        public array $days,
        #[OA\Property(type: 'array', items: new OA\Items(ref: StudentPracticeView::class), nullable: true, description: 'By name; null where the school shows practice to nobody but the student.')]
        public ?array $students,
        #[OA\Property(type: 'array', items: new OA\Items(ref: LostAtView::class), description: 'Of the last practicals with released results, the latest first.')]
        public array $lost,
        #[OA\Property(type: 'array', items: new OA\Items(ref: HomeworkView::class))]
        public array $homework,
    ) {}
}
