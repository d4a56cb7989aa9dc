<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\Capture;
use App\Models\User;

/** What is new in a class since a cursor. Where nothing is, nothing is graded. */
final readonly class FollowClass
{
    private const MOST_AT_ONCE = 500;

    public function __construct(private GradeClass $grading, private HideFirstLook $hiding) {}

    /** @param int|null $after the seq of the last capture seen; null for only where to go on from */
    public function after(Assessment $assessment, ?int $after, User $user): ClassNews
    {
        $after ??= $assessment->latestSeq();
        $captures = $assessment->capturesAfter($after, self::MOST_AT_ONCE);
        if ($captures->isEmpty()) {
            return new ClassNews([], [], null, $after);
        }
        $ids = $captures->load('user')->pluck('attempt_id')->unique()->all();
        $attempts = $assessment->attempts()->whereKey($ids)->with(['student', 'captures'])->get();

        $this->hiding->from($user, $attempts);
        $hidden = $attempts->filter(static fn(Attempt $it): bool => $it->isBlindTo($user))->mapWithKeys(static fn(Attempt $it): array => [$it->id => $it->captures->modelKeys()])->all();
        $seen = $captures->filter(static fn(Capture $it): bool => ! isset($hidden[$it->attempt_id]) || in_array($it->id, $hidden[$it->attempt_id], true));

        return new ClassNews(array_values($seen->all()), array_values($attempts->all()), $this->grading->grade($assessment, $attempts), $captures->last()->seq ?? $after);
    }
}
