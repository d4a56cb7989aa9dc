<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;

/**
 * Keeps the looks at one tray apart. Nobody gives both the first and the second; a second look that is finished stands, since its marker has seen the first by then; and a
 * level is agreed when every second look is finished, with a word of reason, by a third person where the policy asks for one.
 */
final class LooksApart
{
    /** @var array<string, MarkRound> the look that a person gave levels in */
    private array $gave = [];

    /** @var array<string, SecondLookEvent> by marker */
    private array $events = [];

    private function __construct(private readonly CaptureHistory $history, private readonly bool $thirdAgrees) {}

    /**
     * @param list<string> $ids         of facts that are new: one accepted earlier is not looked at again
     * @param bool         $thirdAgrees what is agreed is written down by somebody who marked in neither round
     *
     * @return array<string, RefusedLook> by the id of the fact that may not be taken
     */
    public static function refused(CaptureHistory $history, array $ids, bool $thirdAgrees = false): array
    {
        $apart = new self($history, $thirdAgrees);
        $facts = $history->all(Capture::class);
        $isNew = static fn(Capture $it): bool => in_array($it->id, $ids, true);
        foreach (array_filter($facts, static fn(Capture $it): bool => ! $isNew($it)) as $fact) {
            $apart->take($fact);
        }
        $refused = [];
        foreach (array_filter($facts, $isNew) as $fact) {
            $why = $apart->whyNot($fact);
            if ($why !== null) {
                $refused[$fact->id] = $why;
            }
            $apart->take($fact);
        }

        return $refused;
    }

    private function take(Capture $fact): void
    {
        if ($fact instanceof SecondLookTurned) {
            $this->events[$fact->marker] = $fact->event;
        }
        if ($fact instanceof LevelJudged && $fact->round !== MarkRound::Agreed) {
            $this->gave[$fact->by] ??= $fact->round;
        }
    }

    private function whyNot(Capture $fact): ?RefusedLook
    {
        return match (true) {
            $fact instanceof LevelJudged => $fact->round === MarkRound::Agreed ? $this->whyNotAgreed($fact) : $this->whyNotJudged($fact),
            $fact instanceof SecondLookTurned => $this->whyNotTurned($fact),
            $fact instanceof Withdrawal => $this->whyNotWithdrawn($fact),
            default => null,
        };
    }

    private function whyNotJudged(LevelJudged $level): ?RefusedLook
    {
        $event = $this->events[$level->by] ?? null;
        $before = $this->gave[$level->by] ?? ($event === SecondLookEvent::Asked ? MarkRound::Second : $level->round);

        return match (true) {
            $before !== $level->round => new RefusedLook('round', Message::of(MessageCode::OwnSecondLook, ['round' => $before->value])),
            $level->round === MarkRound::Second && $event === SecondLookEvent::Finished => self::because('round', MessageCode::SecondLookStands),
            $level->round === MarkRound::Second && $event === SecondLookEvent::CalledOff => self::because('round', MessageCode::SecondLookCalledOff),
            default => null,
        };
    }

    private function whyNotAgreed(LevelJudged $level): ?RefusedLook
    {
        return match (true) {
            trim($level->reason) === '' => self::because('reason', MessageCode::MustSayWhy),
            SecondLooks::of($this->history)->open !== [] => self::because('round', MessageCode::AgreeAfterwards),
            $this->thirdAgrees && isset($this->gave[$level->by]) => self::because('round', MessageCode::ThirdAgrees),
            default => null,
        };
    }

    private function whyNotTurned(SecondLookTurned $turn): ?RefusedLook
    {
        $gave = $this->gave[$turn->marker] ?? null;

        return match (true) {
            $turn->event === SecondLookEvent::Asked && $gave === MarkRound::First => self::because('marker', MessageCode::GaveFirstLook),
            ($this->events[$turn->marker] ?? null) === SecondLookEvent::Finished => self::because('event', MessageCode::SecondLookStands),
            $turn->event === SecondLookEvent::Finished && $turn->by !== $turn->marker => self::because('marker', MessageCode::NotYourLook),
            $turn->event === SecondLookEvent::Finished && $gave !== MarkRound::Second => self::because('event', MessageCode::NothingJudged),
            $turn->event === SecondLookEvent::CalledOff && $gave === MarkRound::Second => self::because('event', MessageCode::SecondLookBegun),
            default => null,
        };
    }

    private function whyNotWithdrawn(Withdrawal $void): ?RefusedLook
    {
        $target = $this->history->named($void->target);

        return match (true) {
            $target instanceof SecondLookTurned && $target->event === SecondLookEvent::Finished => self::because('target', MessageCode::SecondLookStands),
            $target instanceof SecondLookTurned && $target->event === SecondLookEvent::Asked && ($this->gave[$target->marker] ?? null) === MarkRound::Second => self::because('target', MessageCode::SecondLookBegun),
            $target instanceof LevelJudged && $target->round === MarkRound::Second && ($this->events[$target->by] ?? null) === SecondLookEvent::Finished => self::because('target', MessageCode::SecondLookStands),
            default => null,
        };
    }

    private static function because(string $key, MessageCode $code): RefusedLook
    {
        return new RefusedLook($key, Message::of($code));
    }
}
