<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\PractisedStandard;
use App\School\School;
use DeftBlade\Core\Practice\NamedParts;
use DeftBlade\Core\Practice\WorthMost;
use OpenApi\Attributes as OA;

/** One thing that would have given points in the last tries. */
#[OA\Schema]
final readonly class WorthMostView
{
    private function __construct(
        #[OA\Property(description: 'What it was, the last time.')]
        public string $text,
        #[OA\Property(description: 'Of the total, the mean over the tries looked at: each graded again with this one thing better.')]
        public float $points,
        #[OA\Property(description: 'Tries in which it would have given points.')]
        public int $times,
        #[OA\Property(description: 'Tries looked at.')]
        public int $tries,
        #[OA\Property(description: 'The level above, as the standard describes it; null of what has none.')]
        public ?string $next,
        #[OA\Property(description: 'The step of the method card where it is done, counted from 0; null where the card names nothing of it.')]
        public ?int $step,
    ) {}

    /** @param list<MethodStepView> $steps of the card, with the parts they name */
    public static function of(WorthMost $it, PractisedStandard $practised, array $steps, School $school): self
    {
        $next = $it->latest->next;
        $parts = $it->latest->about()->partsIn($practised->standard);

        return new self($school->sentences($it->latest->standard)->say($it->latest->reason->why), round($it->points, 2), $it->times, $it->tries, $next === null ? null : $school->vocabulary()->say($next), NamedParts::firstWith(array_column($steps, 'parts'), $parts));
    }
}
