<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Attempt;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;

/** When a student was or will be at a practical by a standard, in whichever version of it, and what came of the last. */
final readonly class FindOwnTries
{
    private const HELD = ['assessment', 'assessment.held:id,seq,assessment_id,published_standard_id', 'assessment.held.standard:id,key'];

    /** @return array<string, list<string>> days, by key of the standard; of practicals that were not called off */
    public function daysOf(User $user): array
    {
        $days = [];
        foreach (self::of($user)->whereRelation('assessment', 'cancelled', null)->get() as $attempt) {
            $days[$attempt->assessment->held->standard->key][] = $attempt->assessment->held_on->toDateString();
        }

        return $days;
    }

    /** @return list<Attempt> that are still to be cut, at practicals that are not called off, the next first; with what they are held against */
    public function coming(User $user, string $today): array
    {
        $coming = Attempt::query()->with('captures', 'assessment.held.standard:id,key')->whereRelation('student', 'user_id', $user->id)
            ->whereRelation('assessment', 'cancelled', null)->whereRelation('assessment', 'held_on', '>=', $today)->get()
            ->reject(static fn(Attempt $it): bool => $it->row->stage->isPresented());

        return array_values($coming->sortBy(static fn(Attempt $it): string => $it->assessment->held_on->toDateString())->all());
    }

    /** @return list<ReleasedTry> the first first */
    public function released(User $user, string $standardKey): array
    {
        $tries = [];
        foreach (self::of($user)->with('release.seal')->whereHas('release')->get() as $attempt) {
            if ($attempt->release !== null && $attempt->assessment->held->standard->key === $standardKey) {
                $tries[] = ReleasedTry::of($attempt, $attempt->release);
            }
        }
        usort($tries, static fn(ReleasedTry $a, ReleasedTry $b): int => $a->heldOn <=> $b->heldOn);

        return $tries;
    }

    /** @return Builder<Attempt> */
    private static function of(User $user): Builder
    {
        return Attempt::query()->with(self::HELD)->whereRelation('student', 'user_id', $user->id);
    }
}
