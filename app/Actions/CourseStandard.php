<?php

declare(strict_types=1);

namespace App\Actions;

use DeftBlade\Core\Practice\MostLost;
use DeftBlade\Core\Statistics\Moments;

/** The tries of a student at one standard. */
final readonly class CourseStandard
{
    private const AT_EACH_END = 3;

    /**
     * @param PractisedStandard         $practised its latest version
     * @param non-empty-list<CourseTry> $tries     the first first
     * @param list<MostLost>            $most      over all of them, the largest first
     */
    public function __construct(public PractisedStandard $practised, public array $tries, public array $most) {}

    /** How many tries at each end are compared. */
    public function compared(): int
    {
        return min(self::AT_EACH_END, intdiv(count($this->tries) + 1, 2));
    }

    /**
     * @param array<string, string> $titles of components, by id
     *
     * @return list<CourseComponent> in the order of the titles; those that were never scored are left out
     */
    public function components(array $titles): array
    {
        $found = [];
        foreach ($titles as $id => $title) {
            $first = self::mean(array_slice($this->tries, 0, $this->compared()), (string) $id);
            $last = count($this->tries) === 1 ? null : self::mean(array_slice($this->tries, -$this->compared()), (string) $id);
            if ($first !== null) {
                $found[] = new CourseComponent($title, $first, $last);
            }
        }

        return $found;
    }

    /** @param list<CourseTry> $tries */
    private static function mean(array $tries, string $component): ?float
    {
        return Moments::of(array_values(array_filter(array_map(static fn(CourseTry $it): ?float => $it->scores[$component] ?? null, $tries), is_float(...))))->mean();
    }
}
