<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Brief\PlannedList;
use App\Models\Accommodation;
use App\Models\AccommodationKind;
use OpenApi\Attributes as OA;

/** A student on a list, and when and where they work; times in seconds from the start. */
#[OA\Schema]
final readonly class BriefStudentView
{
    /** @param list<AccommodationKind> $needs */
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $group,
        #[OA\Property]
        public int $station,
        #[OA\Property]
        public int $wave,
        #[OA\Property]
        public int $bench,
        #[OA\Property]
        public float $start_s,
        #[OA\Property]
        public float $standard_s,
        #[OA\Property]
        public float $limit_s,
        #[OA\Property(description: 'When the bench is clean.')]
        public float $free_s,
        #[OA\Property(type: 'array', description: 'What they work under.', items: new OA\Items(type: 'string', enum: AccommodationKind::class))]
        public array $needs,
        #[OA\Property(description: 'An allergy bars what is cut.')]
        public bool $is_barred,
        #[OA\Property(ref: PanPlaceView::class, nullable: true, description: 'Null for a tray of their own.')]
        public ?PanPlaceView $pan,
    ) {}

    public static function of(PlannedList $list, int $index): self
    {
        [$student, $turn] = [$list->students[$index], $list->turns[$index]];

        return new self(
            $student->id,
            $student->name,
            $student->group->fullName(),
            $list->first + $index,
            $turn->wave,
            $turn->bench,
            $turn->startS,
            $turn->standardS,
            $turn->limitS,
            $turn->freeS,
            array_values($student->accommodations->map(static fn(Accommodation $it): AccommodationKind => $it->kind)->unique()->all()),
            $list->bars($student),
            PanPlaceView::of($list->pans[$index] ?? null),
        );
    }
}
