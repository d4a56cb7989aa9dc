<?php

declare(strict_types=1);

namespace DeftBlade\Core\Carcass;

/** How the unevenness of a set of portions is put into one figure. */
enum EvennessMeasure: string
{
    /** Sample standard deviation over the mean (coefficient of variation). */
    case Cv = 'cv';

    /** Heaviest less lightest, over the mean. */
    case Range = 'range';

    /** @param list<int|float> $masses */
    public function of(array $masses): float
    {
        $mean = array_sum($masses) / max(1, count($masses));
        if ($mean <= 0 || count($masses) < 2) {
            return 0.0;
        }
        if ($this === self::Range) {
            return (max($masses) - min($masses)) / $mean;
        }
        $squares = array_sum(array_map(static fn(int|float $mass): float => ($mass - $mean) ** 2, $masses));

        return sqrt($squares / (count($masses) - 1)) / $mean;
    }
}
