<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\User;
use DeftBlade\Core\Trends\FactorTray;
use DeftBlade\Core\Trends\Fairness;

/** Reads what the totals of the trays by one standard go with. */
final readonly class ReadFairness
{
    public function __construct(private MarkedTrays $trays) {}

    public function of(string $standardKey): Fairness
    {
        $trays = $this->trays->of($standardKey);

        return new Fairness(array_values(self::factors($trays)));
    }

    /**
     * @param list<MarkedTray> $trays
     *
     * @return array<string, FactorTray> by attempt
     */
    public static function factors(array $trays): array
    {
        $names = User::namesOf(array_values(array_unique(array_merge([], ...array_map(static fn(MarkedTray $it): array => $it->row->judged_by, $trays)))));

        return array_filter(array_column(array_map(static fn(MarkedTray $it): array => [$it->row->attempt_id, $it->factors($names)], $trays), 1, 0));
    }
}
