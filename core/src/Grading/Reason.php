<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

/** What cost points of the total (or was spared), in words a student can follow. */
final readonly class Reason
{
    private function __construct(public string $component, public string $text, public float $lost) {}

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
                $reasons[] = new self($score->component->id(), $loss->text, $loss->points * $share);
            }
        }
        usort($reasons, static fn(self $a, self $b): int => $b->lost <=> $a->lost);

        return $reasons;
    }
}
