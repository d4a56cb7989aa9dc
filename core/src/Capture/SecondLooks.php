<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

/** Who looks at a tray a second time. */
final readonly class SecondLooks
{
    /**
     * @param list<string> $open     people who have not finished
     * @param list<string> $finished people
     */
    private function __construct(public array $open, public array $finished) {}

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
        $those = static fn(SecondLookEvent $event): array => array_map(strval(...), array_keys(array_filter($events, static fn(SecondLookEvent $it): bool => $it === $event)));

        return new self($those(SecondLookEvent::Asked), $those(SecondLookEvent::Finished));
    }
}
