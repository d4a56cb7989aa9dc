<?php

declare(strict_types=1);

namespace DeftBlade\Core\Practice;

/** What is worth most now: one thing that would have given points in the last tries, and how often. */
final readonly class WorthMost
{
    private const TRIES = 3;

    private const MOST = 3;

    /**
     * @param Improvement $latest of the last try in which it would have given points
     * @param float       $points the mean over the tries looked at
     * @param int         $times  tries in which it would have given points
     * @param int         $tries  looked at
     */
    private function __construct(public Improvement $latest, public float $points, public int $times, public int $tries) {}

    /**
     * @param list<list<Improvement>> $tries what would have improved each, the first first; the last three are looked at
     *
     * @return list<self> at most three, the largest first
     */
    public static function among(array $tries): array
    {
        $looked = array_slice($tries, -self::TRIES);
        $found = [];
        foreach ($looked as $try) {
            foreach ($try as $it) {
                $found[$it->about()->key()][] = $it;
            }
        }
        $worth = array_map(static fn(array $its): self => new self($its[count($its) - 1], array_sum(array_column($its, 'points')) / count($looked), count($its), count($looked)), array_values($found));
        usort($worth, static fn(self $a, self $b): int => $b->points <=> $a->points);

        return array_slice($worth, 0, self::MOST);
    }
}
