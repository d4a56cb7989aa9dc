<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\PractisedStandard;
use App\School\School;
use DeftBlade\Core\Practice\NamedParts;
use DeftBlade\Core\Practice\WorthMost;
use DeftBlade\Core\Quiz\QuizKind;
use DeftBlade\Core\Quiz\Schedule;
use DeftBlade\Core\Quiz\Subject;
use OpenApi\Attributes as OA;

/** One thing that would have given points in the last tries. */
#[OA\Schema]
final readonly class WorthMostView
{
    private const SECONDS_A_DAY = 86_400;

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
        #[OA\Property(description: 'What it is about, the same whichever try it was seen in: what is said when its drill was done.')]
        public string $about,
        #[OA\Property(description: 'What to do about it, alone and slowly.')]
        public string $drill,
        #[OA\Property(format: 'date', nullable: true, description: 'When the drill is due again; null while it was never done.')]
        public ?string $due_on,
    ) {}

    /** @param list<MethodStepView> $steps of the card, with the parts they name */
    public static function of(WorthMost $it, PractisedStandard $practised, array $steps, Schedule $schedule, School $school): self
    {
        $next = $it->latest->next;
        $about = $it->latest->about();
        $sentences = $school->sentences($it->latest->standard);
        $due = $schedule->dueOn(new Subject(QuizKind::Drill, $about->key()));

        return new self(
            $sentences->say($it->latest->reason->why),
            round($it->points, 2),
            $it->times,
            $it->tries,
            $next === null ? null : $school->vocabulary()->say($next),
            NamedParts::firstWith(array_column($steps, 'parts'), $about->partsIn($practised->standard)),
            $about->key(),
            $sentences->say($about->drill()),
            $due === null ? null : gmdate('Y-m-d', $due * self::SECONDS_A_DAY),
        );
    }
}
