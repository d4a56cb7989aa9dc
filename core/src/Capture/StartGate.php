<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

use DeftBlade\Core\Standard\MiseItem;
use DeftBlade\Core\Standard\MiseList;

/**
 * Nobody's clock starts or goes on while something is open at the station that nobody should cut with, or while nobody has looked, unless it is said
 * why. A reason once given holds until the station is looked at again.
 */
final readonly class StartGate
{
    public function __construct(private MiseList $mise) {}

    /**
     * @param list<string> $ids of facts that are new: one accepted earlier is not held up again
     *
     * @return array<string, ShutGate> by the id of the start or resume that may not be taken
     */
    public function shutFor(CaptureHistory $history, array $ids): array
    {
        $shut = [];
        foreach ($history->all(ClockTurned::class) as $turn) {
            $gate = $turn->setsRunning() && ! $turn->isReasoned() && in_array($turn->id, $ids, true) ? $this->before($history, $turn) : null;
            if ($gate !== null) {
                $shut[$turn->id] = $gate;
            }
        }

        return $shut;
    }

    /** What keeps the clock from being set running now; null where nothing does. */
    public function now(CaptureHistory $history): ?ShutGate
    {
        return $this->before($history, null);
    }

    /** @param ClockTurned|null $turn null for after everything */
    private function before(CaptureHistory $history, ?ClockTurned $turn): ?ShutGate
    {
        $isEarlier = static fn(Capture $it): bool => $turn === null || Capture::inOrder($it, $turn) < 0;
        $looks = array_filter($history->all(MiseSeen::class), $isEarlier);
        $last = $looks === [] ? null : $looks[array_key_last($looks)];
        foreach (array_filter($history->all(ClockTurned::class), $isEarlier) as $earlier) {
            if ($earlier->setsRunning() && $earlier->isReasoned() && ($last === null || Capture::inOrder($last, $earlier) < 0)) {
                return null;
            }
        }
        $open = $last === null ? $this->mise->safetyItems() : $this->mise->unsafe($last->open);

        return $open === [] ? null : new ShutGate($last !== null, array_map(static fn(MiseItem $it): string => $it->id, $open));
    }
}
