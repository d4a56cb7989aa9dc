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
     * @param string $about  "criterion …", "fault …" or "piece …" with the id of it, of one side where it has two; of anything else the component
     * @param string $title  as the standard calls it; of a piece without its side
     * @param float  $points of the total, the mean over all trays looked at
     * @param int    $times  trays that lost points at it
     * @param int    $trays  looked at
     */
    private function __construct(public string $about, public string $title, public float $points, public int $times, public int $trays) {}

    /**
     * @param Standard   $standard as held
     * @param list<Node> $results  by it, in a format that says figures
     *
     * @return list<self> at most five, the largest first
     */
    public static function among(Standard $standard, array $results): array
    {
        $lost = $abouts = [];
        foreach ($results as $tray => $result) {
            foreach ($result->itemsOf('reasons') as $reason) {
                $about = self::aboutOf($reason);
                $title = $about === null ? null : self::titleOf($standard, $about);
                if ($title !== null && $reason->at('lost')->number(0, self::MOST_POINTS) > 0) {
                    $lost[$title][$tray] = ($lost[$title][$tray] ?? 0.0) + $reason->at('lost')->number(0, self::MOST_POINTS);
                    $abouts += [$title => $about];
                }
            }
        }
        $all = array_map(static fn(string|int $title, array $of): self => new self((string) $abouts[$title], (string) $title, array_sum($of) / count($results), count($of), count($results)), array_keys($lost), array_values($lost));
        usort($all, static fn(self $a, self $b): int => $b->points <=> $a->points);

        return array_slice($all, 0, self::MOST);
    }

    private static function aboutOf(Node $reason): ?string
    {
        // Results before format /3 say no figures.
        if (! $reason->has('figures')) {
            return null;
        }
        foreach (['criterion', 'fault', 'piece'] as $kind) {
            if ($reason->at('figures')->has($kind)) {
                return "$kind {$reason->at('figures')->at($kind)->text()}";
            }
        }

        return $reason->at('component')->text();
    }

    /** Of what is neither a criterion nor a fault nor a piece, as time, the component is named. */
    private static function titleOf(Standard $standard, string $about): ?string
    {
        [$kind, $id] = explode(' ', $about) + [1 => ''];

        return match ($kind) {
            'criterion' => $standard->criteria[$id]->title ?? null,
            'fault' => $standard->faults[$id]->title ?? null,
            'piece' => self::withoutSide($standard->titleOf($id)),
            default => ucfirst($kind),
        };
    }

    private static function withoutSide(string $title): string
    {
        return ucfirst(trim((string) preg_replace('/\b(left|right)\b/iu', '', $title)));
    }
}
