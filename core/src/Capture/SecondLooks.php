<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** Who looks at a tray, and who looks a second time. */
final readonly class SecondLooks
{
    /**
     * @param list<string> $first    people who gave first levels, those replaced later too
     * @param list<string> $open     people who have not finished the second
     * @param list<string> $finished people who have
     */
    private function __construct(public array $first, public array $open, public array $finished) {}

    public static function of(CaptureHistory $history): self
    {
        $events = [];
        foreach ($history->holding(LevelJudged::class) as $level) {
            // Whoever gives a second level without having been asked is at it too.
            if ($level->round === MarkRound::Second) {
                $events[$level->by] = SecondLookEvent::Asked;
            }
        }
        foreach ($history->holding(SecondLookTurned::class) as $turn) {
            $events[$turn->marker] = $turn->event;
        }
        $first = array_filter($history->all(LevelJudged::class), static fn(LevelJudged $it): bool => $it->round === MarkRound::First);
        $those = static fn(SecondLookEvent $event): array => array_map(strval(...), array_keys(array_filter($events, static fn(SecondLookEvent $it): bool => $it === $event)));

        return new self(array_values(array_unique(array_map(static fn(LevelJudged $it): string => $it->by, $first))), $those(SecondLookEvent::Asked), $those(SecondLookEvent::Finished));
    }

    public function standingOf(string $person): SecondLookStanding
    {
        return match (true) {
            in_array($person, $this->open, true) => SecondLookStanding::Open,
            in_array($person, $this->finished, true) => SecondLookStanding::Finished,
            in_array($person, $this->first, true) => SecondLookStanding::GaveFirst,
            default => SecondLookStanding::Free,
        };
    }
}
