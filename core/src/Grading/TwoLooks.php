<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Capture\CaptureHistory;
use DeftBlade\Core\Capture\LevelJudged;
use DeftBlade\Core\Capture\MarkRound;
use DeftBlade\Core\Standard\Standard;

/** How two assessors saw one tray, and what each of them alone would have made of it. */
final readonly class TwoLooks
{
    /**
     * @param list<LookAt> $criteria    in the order of the standard, those judged at all
     * @param float|null   $firstTotal  null where the first look left a criterion out
     * @param float|null   $secondTotal likewise
     */
    private function __construct(public array $criteria, public ?float $firstTotal, public ?float $secondTotal) {}

    /** @return self|null null where nobody looked a second time */
    public static function of(AttemptResult $result, Grader $grader): ?self
    {
        $criteria = self::criteria($result->attempt->log->history, $grader->standard);
        if (array_filter($criteria, static fn(LookAt $it): bool => $it->second !== null) === []) {
            return null;
        }

        return new self($criteria, self::total($result, $grader, MarkRound::First), self::total($result, $grader, MarkRound::Second));
    }

    /** @return list<LookAt> in the order of the standard, those judged at all */
    public static function criteria(CaptureHistory $history, Standard $standard): array
    {
        $given = [];
        foreach ($history->holding(LevelJudged::class) as $level) {
            $given[$level->criterion][$level->round->value] = $level;
        }
        $look = static fn(string $id): LookAt => new LookAt($id, $given[$id][MarkRound::First->value] ?? null, $given[$id][MarkRound::Second->value] ?? null, $given[$id][MarkRound::Agreed->value] ?? null);

        return array_map($look, array_values(array_filter(array_keys($standard->criteria), static fn(string $it): bool => isset($given[$it]))));
    }

    private static function total(AttemptResult $result, Grader $grader, MarkRound $round): ?float
    {
        $alone = $grader->grade($result->attempt->asSeenIn($round));

        return $alone->status === Status::Final ? $alone->grade->total : null;
    }
}
