<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

/** A total with its band: the weighted mean of what is scored, held under the caps in force, rounded once. */
final readonly class Grade
{
    /** @param list<CapCause> $caps in force, whether or not they bit */
    private function __construct(
        public ?float $uncapped,
        public ?float $total,
        public ?Band $band,
        public array $caps,
        public float $scoredWeight,
        private float $ceiling,
    ) {}

    /**
     * @param list<ComponentScore> $scores
     * @param list<CapCause>       $causes given for this attempt
     */
    public static function of(Policy $policy, array $scores, array $causes): self
    {
        $caps = array_values(array_filter($policy->caps, static fn(Cap $cap): bool => in_array($cap->cause, $causes, true)));
        $weight = 0.0;
        $sum = 0.0;
        foreach ($scores as $score) {
            if ($score->score !== null) {
                $weight += $score->component->weight();
                $sum += $score->component->weight() * $score->score;
            }
        }
        $named = array_map(static fn(Cap $cap): CapCause => $cap->cause, $caps);
        if ($weight <= 0) {
            return new self(null, null, null, $named, 0.0, 0.0);
        }
        $uncapped = $sum / $weight;
        $ceiling = min([INF, ...array_map(static fn(Cap $cap): float => $cap->max, $caps)]);
        $total = $policy->round(min($uncapped, $ceiling));

        return new self($uncapped, $total, $policy->bandOf($total), $named, $weight, $ceiling);
    }

    /** Under the caps in force, before it is rounded. */
    public function held(): ?float
    {
        return $this->uncapped === null ? null : min($this->uncapped, $this->ceiling);
    }

    /** Whether so many points more or less could put the total into another band. */
    public function isNearABand(float $points, Policy $policy): bool
    {
        $band = fn(float $total): Band => $policy->bandOf($policy->round(min($total, $this->ceiling)));

        return $this->uncapped !== null && $band($this->uncapped - $points) !== $band($this->uncapped + $points);
    }
}
