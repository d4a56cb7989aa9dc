<?php

declare(strict_types=1);

namespace DeftBlade\Core\Practice;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Standard\Standard;

/** One thing that a group lost points at: a criterion, a fault or a piece, over trays that were released. */
final readonly class MostLost
{
    /** What a group can work on at once. */
    public const MOST = 5;

    private const MOST_POINTS = 100;

    /**
     * @param About  $about  of a piece that has two sides one of them
     * @param string $title  as the standard calls it; of a piece without its side
     * @param float  $points of the total, the mean over all trays looked at
     * @param int    $times  trays that lost points at it
     * @param int    $trays  looked at
     */
    private function __construct(public About $about, public string $title, public float $points, public int $times, public int $trays) {}

    /**
     * @param Standard   $standard as held
     * @param list<Node> $results  by it, in a format that says figures
     *
     * @return list<self> at most five, the largest first
     */
    public static function among(Standard $standard, array $results): array
    {
        return array_slice(self::all($standard, $results), 0, self::MOST);
    }

    /**
     * @param Standard   $standard as held
     * @param list<Node> $results  by it, in a format that says figures
     *
     * @return list<self> the largest first
     */
    public static function all(Standard $standard, array $results): array
    {
        $lost = $abouts = [];
        foreach ($results as $tray => $result) {
            foreach ($result->itemsOf('reasons') as $reason) {
                $about = About::ofResult($reason);
                $title = $about?->titleIn($standard);
                if ($title !== null && $reason->at('lost')->number(0, self::MOST_POINTS) > 0) {
                    $lost[$title][$tray] = ($lost[$title][$tray] ?? 0.0) + $reason->at('lost')->number(0, self::MOST_POINTS);
                    $abouts += [$title => $about];
                }
            }
        }
        $all = array_map(static fn(string|int $title, array $of): self => new self($abouts[$title], (string) $title, array_sum($of) / count($results), count($of), count($results)), array_keys($lost), array_values($lost));
        usort($all, static fn(self $a, self $b): int => $b->points <=> $a->points);

        return $all;
    }
}
