<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Attempt;
use App\Models\Capture;
use App\Models\User;
use DeftBlade\Core\Capture\CaptureKind;
use Illuminate\Database\Eloquent\Collection;

/**
 * Takes what another assessor judged out of the attempts that somebody is asked to mark a second time, until they have finished: levels, notes, praise, and what follows from
 * them. Weights, faults, the clock and photographs are seen by both. It is taken out before anything is graded or shown, so that no answer can tell of it.
 */
final readonly class HideFirstLook
{
    private const JUDGED = [CaptureKind::Level->value, CaptureKind::Note->value, CaptureKind::Well->value];

    /** @param iterable<Attempt> $attempts their captures, row and releases, as far as they are loaded, are replaced */
    public function from(User $user, iterable $attempts): void
    {
        foreach ($attempts as $attempt) {
            if (! $attempt->isBlindTo($user)) {
                continue;
            }
            $attempt->setRelation('row', $attempt->row->withoutMarks());
            if ($attempt->relationLoaded('captures')) {
                $attempt->setRelation('captures', $this->seenBy($user, $attempt->captures));
            }
            if ($attempt->relationLoaded('release')) {
                $attempt->setRelation('release', null);
            }
            if ($attempt->relationLoaded('releases')) {
                $attempt->setRelation('releases', new Collection());
            }
        }
    }

    /**
     * @param Collection<int, Capture> $captures of one attempt, all of them
     *
     * @return Collection<int, Capture> without what somebody else judged, and without what took that back
     */
    public function seenBy(User $user, Collection $captures): Collection
    {
        $hidden = [];
        foreach ($captures as $capture) {
            $target = $capture->kind === CaptureKind::Void->value && is_string($capture->payload->target ?? null) ? $capture->payload->target : null;
            if (isset($hidden[$target ?? '']) || (in_array($capture->kind, self::JUDGED, true) && $capture->user_id !== $user->id)) {
                $hidden[$capture->id] = true;
            }
        }

        return $captures->reject(static fn(Capture $it): bool => isset($hidden[$it->id]))->values();
    }
}
