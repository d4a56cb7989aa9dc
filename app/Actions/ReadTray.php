<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Attempt;
use App\Models\Capture;
use App\Models\User;

/** A tray as it stands. The rest of its class is looked at only where its weights do not balance: a mix-up is found between trays. */
final readonly class ReadTray
{
    public function __construct(private GradeClass $grading, private HideFirstLook $hiding) {}

    /**
     * @param Attempt          $attempt what is shown of it to this person is loaded
     * @param GradedClass|null $graded  the attempt alone, where it was just graded with all its captures
     */
    public function grade(Attempt $attempt, User $user, ?GradedClass $graded = null): GradedClass
    {
        $attempt->loadMissing(['assessment', 'student', 'captures', 'release']);
        // Most of what is on a tray was taken down by whoever looks at it.
        $attempt->captures->where('user_id', $user->id)->each(static fn(Capture $it): Capture => $it->setRelation('user', $user));
        $attempt->captures->loadMissing('user');
        $this->hiding->from($user, [$attempt]);
        $assessment = $attempt->assessment;
        $alone = $graded === null || $attempt->isBlindTo($user) ? $this->grading->grade($assessment, [$attempt]) : $graded;
        if (! $alone->of($attempt->id)->balance->state->isOff()) {
            return $alone;
        }
        $assessment->load(['attempts.student', 'attempts.captures']);
        $this->hiding->from($user, $assessment->attempts);

        return $this->grading->grade($assessment, $assessment->attempts);
    }
}
