<?php

declare(strict_types=1);

namespace DeftBlade\Core\Practice;

use DeftBlade\Core\Json\Node;

/** Something that cost points of a result, and what the next step would be. */
final readonly class Worth
{
    private const MOST = 3;

    private const MOST_STEPS = 1_000;

    /**
     * @param float       $points of the total
     * @param string|null $next   the level above, as the standard describes it; null of what has no levels, or no higher one
     */
    private function __construct(public string $text, public float $points, public ?string $next) {}

    /**
     * What to change first: what cost most, the largest first, at most three.
     *
     * @param Node $standard as held
     * @param Node $result   of one attempt, its reasons the largest first
     *
     * @return list<self>
     */
    public static function most(Node $standard, Node $result): array
    {
        $costly = array_filter($result->itemsOf('reasons'), static fn(Node $it): bool => $it->at('lost')->number(0, 100) > 0);

        return array_map(static fn(Node $it): self => new self($it->at('text')->text(), $it->at('lost')->number(0, 100), self::nextOf($standard, $it)), array_slice(array_values($costly), 0, self::MOST));
    }

    private static function nextOf(Node $standard, Node $reason): ?string
    {
        // Results before format /3 say no figures.
        $figures = $reason->has('figures') ? $reason->at('figures') : null;
        if ($figures === null || ! $figures->has('criterion') || ! $figures->has('step')) {
            return null;
        }
        foreach ($standard->itemsOf('criteria') as $criterion) {
            if ($criterion->at('id')->text() === $figures->at('criterion')->text()) {
                $above = $criterion->at('levels')->items()[$figures->at('step')->integer(1, self::MOST_STEPS)] ?? null;

                return $above?->at('text')->text();
            }
        }

        return null;
    }
}
