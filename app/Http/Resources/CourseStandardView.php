<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\CourseStandard;
use App\Actions\CourseTry;
use App\School\School;
use DeftBlade\Core\Practice\MostLost;
use OpenApi\Attributes as OA;

/** The tries of a student at one standard. */
#[OA\Schema]
final readonly class CourseStandardView
{
    /**
     * @param list<CourseTryView> $tries
     * @param list<TeachView>     $lost
     */
    private function __construct(
        #[OA\Property(format: 'uuid', description: 'The latest version.')]
        public string $id,
        #[OA\Property]
        public string $title,
        #[OA\Property(nullable: true, description: 'Standard time, in ms.')]
        public ?int $standard_ms,
        #[OA\Property(type: 'array', items: new OA\Items(ref: CourseTryView::class), description: 'The first first.')]
        public array $tries,
        #[OA\Property(type: 'array', items: new OA\Items(ref: TeachView::class), description: 'What cost most over all of them; trays are tries.')]
        public array $lost,
    ) {}

    public static function of(CourseStandard $it, School $school): self
    {
        $practised = $it->practised;
        $steps = MethodStepView::practised($practised);
        $sentences = $school->sentences($practised->standard);

        return new self(
            $practised->id,
            $practised->standard->title,
            $practised->standard->time === null ? null : (int) $practised->standard->time->standardMs,
            array_map(static fn(CourseTry $try): CourseTryView => CourseTryView::of($try), $it->tries),
            array_map(static fn(MostLost $most): TeachView => TeachView::of($most, $practised, $steps, $sentences), $it->most),
        );
    }
}
