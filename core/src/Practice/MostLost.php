<?php

declare(strict_types=1);

namespace DeftBlade\Core\Practice;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Standard\Standard;

/** One thing that a group lost points at: a criterion, a fault or a piece, over trays that were released. */
final readonly class MostLost
{
    private const MOST = 5;

    private const MOST_POINTS = 100;

    /**
     * @param string $title  as the standard calls it; of a piece without its side
     * @param float  $points of the total, the mean over all trays looked at
     * @param int    $times  trays that lost points at it
     * @param int    $trays  looked at
     */
    private function __construct(public string $title, public float $points, public int $times, public int $trays) {}

    /**
     * @param Standard   $standard as held
     * @param list<Node> $results  by it, in a format that says figures
     *
     * @return list<self> at most five, the largest first
     */
    public static function among(Standard $standard, array $results): array
    {
        $lost = [];
        foreach ($results as $tray => $result) {
            foreach ($result->itemsOf('reasons') as $reason) {
                $title = self::titleOf($standard, $reason);
                if ($title !== null && $reason->at('lost')->number(0, self::MOST_POINTS) > 0) {
                    $lost[$title][$tray] = ($lost[$title][$tray] ?? 0.0) + $reason->at('lost')->number(0, self::MOST_POINTS);
                }
            }
        }
        $all = array_map(static fn(string|int $title, array $of): self => new self((string) $title, array_sum($of) / count($results), count($of), count($results)), array_keys($lost), array_values($lost));
        usort($all, static fn(self $a, self $b): int => $b->points <=> $a->points);

        return array_slice($all, 0, self::MOST);
    }

    /** Of what is neither a criterion nor a fault nor a piece, as time, the component is named. */
    private static function titleOf(Standard $standard, Node $reason): ?string
    {
        // Results before format /3 say no figures.
        if (! $reason->has('figures')) {
            return null;
        }
        $figures = $reason->at('figures');
        $of = static fn(string $key): string => $figures->at($key)->text();

        return match (true) {
            $figures->has('criterion') => $standard->criteria[$of('criterion')]->title ?? null,
            $figures->has('fault') => $standard->faults[$of('fault')]->title ?? null,
            $figures->has('piece') => self::withoutSide($standard->titleOf($of('piece'))),
            default => ucfirst($reason->at('component')->text()),
        };
    }

    private static function withoutSide(string $title): string
    {
        return ucfirst(trim((string) preg_replace('/\b(left|right)\b/iu', '', $title)));
    }
}
