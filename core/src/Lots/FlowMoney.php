<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

use DeftBlade\Core\Money\Minor;
use DeftBlade\Core\Money\Shares;

/** What became of the money that was paid for carcasses: every gram at what a gram of its carcass cost. */
final readonly class FlowMoney
{
    /** @param array<string, int> $endsMinor by where it went in the end (FlowEnd), adding up to the whole */
    private function __construct(public int $wholeMinor, public array $endsMinor) {}

    /** @param list<array{ClassFlow, float}> $classes with the minor units a milligram of their carcasses cost */
    public static function of(array $classes): self
    {
        $ends = array_fill_keys(array_map(static fn(FlowEnd $it): string => $it->value, FlowEnd::cases()), 0.0);
        foreach ($classes as [$class, $perMg]) {
            foreach (ClassFlow::together([$class])->ends() as $end => $mg) {
                $ends[$end] += $mg * $perMg;
            }
        }
        $whole = Minor::rounded(array_sum($ends));

        return new self($whole, array_combine(array_keys($ends), Shares::of($whole, array_values($ends))));
    }
}
