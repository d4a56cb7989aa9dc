<?php

declare(strict_types=1);

namespace DeftBlade\Core\Practice;

use DeftBlade\Core\Capture\CaptureKind;
use DeftBlade\Core\Capture\CaptureLog;
use DeftBlade\Core\Capture\CaptureReader;
use DeftBlade\Core\Capture\ClockTurned;
use DeftBlade\Core\Capture\MarkRound;
use DeftBlade\Core\Capture\RunningTime;
use DeftBlade\Core\Grading\AttemptResult;
use DeftBlade\Core\Grading\Policy;
use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Package\Assessment;
use DeftBlade\Core\Standard\Standard;

/** A tray that a student cut to practise: held against the same windows and the same balance as any, and graded by nobody. */
final class PracticeTray
{
    private const KINDS = [
        CaptureKind::Received, CaptureKind::Clock, CaptureKind::Piece, CaptureKind::Portion, CaptureKind::Bin, CaptureKind::Scrape, CaptureKind::Level, CaptureKind::Fault, CaptureKind::Checkpoint, CaptureKind::Note, CaptureKind::Photo, CaptureKind::Void,
    ];

    /** @throws InvalidPackage where a fact is not one that is taken down of such a tray, or not right */
    public static function check(Node $capture, Standard $standard): void
    {
        $kind = $capture->at('kind')->oneOf(CaptureKind::class);
        if (! in_array($kind, self::KINDS, true)) {
            throw $capture->at('kind')->noneOf($kind->value, array_column(self::KINDS, 'value'));
        }
        if ($kind === CaptureKind::Level && $capture->textOf('round', MarkRound::First->value) !== MarkRound::First->value) {
            throw $capture->at('round')->noneOf($capture->at('round')->text(), [MarkRound::First->value]);
        }
        (new CaptureReader($standard))->read($capture);
    }

    /**
     * What the clock showed when each step of the method card was done.
     *
     * @param array<int, int> $doneAt ms since 1970, by step
     *
     * @return array<int, int> ms, by step, in the order of the card; those done before the clock ran are left out
     */
    public static function splits(array $doneAt, CaptureLog $log): array
    {
        ksort($doneAt);
        $turns = $log->history->all(ClockTurned::class);

        return array_filter(array_map(static fn(int $at): int => RunningTime::until($at, $turns), $doneAt), static fn(int $ms): bool => $ms > 0);
    }

    /**
     * @param list<\stdClass> $captures
     *
     * @throws InvalidPackage
     */
    public static function grade(string $id, Standard $standard, Policy $policy, array $captures): AttemptResult
    {
        $attempt = (object) ['id' => $id, 'student' => 'practice', 'captures' => $captures];

        return Assessment::held($standard, $policy, Node::of((object) ['attempts' => [$attempt]]))->grade()->attempts[0];
    }
}
