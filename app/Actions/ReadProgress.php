<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\User;
use App\School\ReadOnce;
use DeftBlade\Core\Practice\LearningCurve;
use DeftBlade\Core\Practice\WorthMost;

/** How one person comes on with a standard: their released results, their practice trays, and what is worth most now. */
final readonly class ReadProgress
{
    /** Fewer say nothing about how many more there will be. */
    private const TRIES_FOR_A_CURVE = 4;

    private const LAST = 3;

    public function __construct(private FindOwnTries $tries, private ReadPractice $practice, private ReadOnce $once) {}

    public function of(User $user, PractisedStandard $practised): OwnProgress
    {
        $released = $this->tries->released($user, $practised->key);
        $regraded = array_map($this->regraded(...), array_slice($released, -self::LAST));
        $last = $regraded === [] ? null : $regraded[count($regraded) - 1];
        $trays = $this->practice->traysOf($user, $practised->key);

        return new OwnProgress(
            $released,
            $trays,
            WorthMost::among(array_map(static fn(RegradedTry $it): array => $it->improvements, $regraded)),
            $last->levels ?? [],
            self::curve($released, $trays, $practised->standard->time?->times($last->timeFactor ?? 1.0)->standardMs),
        );
    }

    /** A seal says the same for good. */
    private function regraded(ReleasedTry $try): RegradedTry
    {
        return $this->once->get(RegradedTry::class, $try->sha256, static fn(): RegradedTry => RegradedTry::of($try->regrade()));
    }

    /**
     * @param list<ReleasedTry> $released
     * @param list<OwnTray>     $trays
     */
    private static function curve(array $released, array $trays, ?float $standardMs): ?OwnCurve
    {
        $times = [];
        foreach ($released as $it) {
            $times[] = [$it->heldOn, $it->runningMs()];
        }
        foreach ($trays as $it) {
            $times[] = ["{$it->beganOn()} {$it->beganAt()->format('U')}", $it->result->attempt->log->time->presented ? $it->result->attempt->log->time->ms : null];
        }
        $times = array_filter($times, static fn(array $it): bool => $it[1] !== null && $it[1] > 0);
        usort($times, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
        if ($standardMs === null || $times === []) {
            return null;
        }
        $seconds = array_map(static fn(array $it): float => $it[1] / 1000, $times);
        if (count($seconds) < self::TRIES_FOR_A_CURVE) {
            return new OwnCurve(count($seconds), self::TRIES_FOR_A_CURVE - count($seconds), (int) $standardMs, null);
        }

        return new OwnCurve(count($seconds), 0, (int) $standardMs, (new LearningCurve($seconds, $standardMs / 1000))->triesToStandard());
    }
}
