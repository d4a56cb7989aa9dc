<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\CourseComponent;
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
     * @param list<CourseTryView>       $tries
     * @param list<CourseComponentView> $components
     * @param list<TeachView>           $lost
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
        #[OA\Property(description: 'How many tries at each end the components are means of.')]
        public int $compared,
        #[OA\Property(type: 'array', items: new OA\Items(ref: CourseComponentView::class))]
        public array $components,
        #[OA\Property(type: 'array', items: new OA\Items(ref: TeachView::class), description: 'What cost most over all of them; trays are tries.')]
        public array $lost,
    ) {}

    /** @param array<string, string> $titles of components, by id */
    public static function of(CourseStandard $it, array $titles, School $school): self
    {
        $practised = $it->practised;
        $steps = MethodStepView::practised($practised);
        $sentences = $school->sentences($practised->standard);

        return new self(
            $practised->id,
            $practised->standard->title,
            $practised->standard->time === null ? null : (int) $practised->standard->time->standardMs,
            array_map(static fn(CourseTry $try): CourseTryView => CourseTryView::of($try), $it->tries),
            $it->compared(),
            array_map(static fn(CourseComponent $component): CourseComponentView => new CourseComponentView($component->title, $component->first, $component->last), $it->components($titles)),
            array_map(static fn(MostLost $most): TeachView => TeachView::of($most, $practised, $steps, $sentences), $it->most),
        );
    }
}
