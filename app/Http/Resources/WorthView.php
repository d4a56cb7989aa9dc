<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Json\Node;
use OpenApi\Attributes as OA;

/** Something that cost points, and what the next step would be. */
#[OA\Schema]
final readonly class WorthView
{
    private const MOST = 3;

    private function __construct(
        #[OA\Property(description: 'What it was.')]
        public string $text,
        #[OA\Property(description: 'Of the total.')]
        public float $points,
        #[OA\Property(description: 'The level above, as the standard describes it; null of what has no levels.')]
        public ?string $next,
    ) {}

    /**
     * The changes that would be worth most, of what cost something: at most three, the largest first.
     *
     * @param Node $standard as held
     * @param Node $result   of one attempt
     *
     * @return list<self>
     */
    public static function most(Node $standard, Node $result): array
    {
        $found = [];
        foreach ($result->itemsOf('reasons') as $reason) {
            $points = $reason->at('lost')->number(0, 100);
            if ($points > 0 && count($found) < self::MOST) {
                $found[] = new self($reason->at('text')->text(), $points, self::nextOf($standard, $reason));
            }
        }

        return $found;
    }

    private static function nextOf(Node $standard, Node $reason): ?string
    {
        $figures = $reason->has('figures') ? $reason->at('figures') : null;
        if ($figures === null || ! $figures->has('criterion') || ! $figures->has('step') || ! $figures->has('steps')) {
            return null;
        }
        foreach ($standard->itemsOf('criteria') as $criterion) {
            if ($criterion->at('id')->text() === $figures->at('criterion')->text()) {
                $above = $criterion->at('levels')->items()[$figures->at('step')->integer(1, 1_000)] ?? null;

                return $above?->at('text')->text();
            }
        }

        return null;
    }
}
