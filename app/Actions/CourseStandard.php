<?php

declare(strict_types=1);

namespace App\Actions;

use DeftBlade\Core\Practice\MostLost;

/** The tries of a student at one standard. */
final readonly class CourseStandard
{
    /**
     * @param PractisedStandard         $practised its latest version
     * @param non-empty-list<CourseTry> $tries     the first first
     * @param list<MostLost>            $most      over all of them, the largest first
     */
    public function __construct(public PractisedStandard $practised, public array $tries, public array $most) {}
}
