<?php

declare(strict_types=1);

namespace DeftBlade\Core\Trends;

use DeftBlade\Core\Statistics\Sample;

/** Which carcasses are looked at by their weight as purchased: all, or the lighter or heavier half. */
enum CarcassSize: string
{
    case All = 'all';
    case Lighter = 'lighter';
    case Heavier = 'heavier';

    /**
     * @param list<WeighedCarcass> $carcasses
     *
     * @return list<WeighedCarcass> what weighs as much as the median is of the lighter half
     */
    public function of(array $carcasses): array
    {
        $median = Sample::of(array_map(static fn(WeighedCarcass $it): int => $it->apMg, $carcasses))->quantile(0.5) ?? 0.0;

        return array_values(array_filter($carcasses, fn(WeighedCarcass $it): bool => match ($this) {
            self::All => true,
            self::Lighter => $it->apMg <= $median,
            self::Heavier => $it->apMg > $median,
        }));
    }
}
