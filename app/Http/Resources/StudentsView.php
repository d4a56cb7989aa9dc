<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** A page of students. */
#[OA\Schema]
final readonly class StudentsView
{
    /** @param list<StudentView> $students */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: StudentView::class))]
        public array $students,
        #[OA\Property(description: 'How many there are on all pages.')]
        public int $count,
        #[OA\Property(description: 'Students a page.')]
        public int $a_page,
    ) {}
}
