<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** Nobody gives both looks at one tray: who gave a first level there gives no second, and the other way round. What is agreed, anybody may write down. */
final readonly class OneLookEach
{
    /**
     * @param list<string> $ids of facts that are new: one accepted earlier is not looked at again
     *
     * @return array<string, MarkRound> the look that their person gave before, by the id of the level that may not be taken
     */
    public static function refused(CaptureHistory $history, array $ids): array
    {
        $refused = $looks = [];
        $levels = $history->all(LevelJudged::class);
        $isNew = static fn(LevelJudged $it): bool => in_array($it->id, $ids, true);
        foreach ([...array_filter($levels, static fn(LevelJudged $it): bool => ! $isNew($it)), ...array_filter($levels, $isNew)] as $level) {
            if ($level->round === MarkRound::Agreed) {
                continue;
            }
            $before = $looks[$level->by] ??= $level->round;
            if ($before !== $level->round && $isNew($level)) {
                $refused[$level->id] = $before;
            }
        }

        return $refused;
    }
}
