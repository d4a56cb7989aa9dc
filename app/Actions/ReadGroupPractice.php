<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\Homework;
use App\Models\PracticeFact;
use App\Models\StudentGroup;
use App\School\School;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Practice\MostLost;
use DeftBlade\Core\Standard\Standard;

/** What a group practised, what it loses points at, and what it is to practise. */
final readonly class ReadGroupPractice
{
    private const PRACTICALS = 3;

    public function __construct(private School $school) {}

    /** @return array<string, list<PracticeFact>> in order, by person; those of the days before */
    public function factsOf(StudentGroup $group, int $days): array
    {
        $facts = [];
        $people = $group->students()->whereNotNull('user_id')->pluck('user_id')->all();
        $from = $this->school->now()->startOfDay()->subDays($days - 1);
        foreach (PracticeFact::query()->whereIn('user_id', $people)->where('at', '>=', $from)->orderBy('at')->get() as $fact) {
            $facts[$fact->user_id][] = $fact;
        }

        return $facts;
    }

    /** @return list<Homework> that is not over, the next first */
    public function homeworkOf(StudentGroup $group): array
    {
        return array_values(Homework::query()->with('standard')->where('student_group_id', $group->id)->where('until', '>=', $this->school->today()->toDateString())->orderBy('until')->orderBy('at')->get()->all());
    }

    /** @return list<LostAt> of the last practicals with released results, the latest first */
    public function mostLost(StudentGroup $group): array
    {
        $practicals = Assessment::query()->where('student_group_id', $group->id)->whereHas('attempts.release')->latest('held_on')->limit(self::PRACTICALS)->pluck('id')->all();
        $attempts = Attempt::query()->with('assessment.held.standard', 'release.seal')->whereIn('assessment_id', $practicals)->whereHas('release')->get()
            ->groupBy('assessment_id')->sortByDesc(static fn($its): string => (string) $its->first()?->assessment->held_on->toDateString());
        $lost = [];
        foreach ($attempts as $its) {
            $first = $its->firstOrFail();
            $seals = array_values($its->map(static fn(Attempt $it): Node => Node::decode((string) $it->release?->seal->document))->all());
            $results = array_map(static fn(Node $it): Node => $it->at('result'), $seals);
            $lost[] = new LostAt($first->assessment, $first->assessment->held->standard->latest(), MostLost::among(Standard::read($seals[0]->at('standard')), $results));
        }

        return $lost;
    }
}
