<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Attempt;
use App\Models\User;

/** The last released result that somebody has of a standard, in whichever version of it. */
final readonly class FindLastTry
{
    /** @return Attempt|null with its practical, its release and the seal of that */
    public function of(User $user, string $standardKey): ?Attempt
    {
        $found = Attempt::query()->with('assessment', 'assessment.held:id,seq,assessment_id,published_standard_id', 'assessment.held.standard:id,key', 'release.seal')
            ->whereRelation('student', 'user_id', $user->id)->whereHas('release')->get()
            ->filter(static fn(Attempt $it): bool => $it->assessment->held->standard->key === $standardKey);

        return $found->sortByDesc(static fn(Attempt $it): string => $it->assessment->held_on->toDateString())->first();
    }
}
