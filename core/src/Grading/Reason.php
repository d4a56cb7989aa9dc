<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Message\Message;

/** What cost points of the total (or was spared), as a code and its figures. */
final readonly class Reason
{
    private function __construct(public string $component, public Message $why, public float $lost) {}

    /**
     * Largest first; what is lost adds up to 100 less the uncapped total.
     *
     * @param list<ComponentScore> $scores
     *
     * @return list<self>
     */
    public static function of(array $scores, Grade $grade): array
    {
        if ($grade->uncapped === null) {
            return [];
        }
        $reasons = [];
        foreach ($scores as $score) {
            $share = $score->component->weight() / $grade->scoredWeight;
            foreach ($score->losses as $loss) {
                $reasons[] = new self($score->component->id(), $loss->why, $loss->points * $share);
            }
        }
        usort($reasons, static fn(self $a, self $b): int => $b->lost <=> $a->lost);

        return $reasons;
    }
}
