<?php

declare(strict_types=1);

namespace DeftBlade\Core\Ledger;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Money\Minor;

/** Time that somebody worked, and what an hour of it costs. */
final readonly class Labour
{
    private const S_PER_HOUR = 3_600;

    private const LONGEST_S = 1_000_000;

    /** @param int $wagePerHour in minor units */
    private function __construct(public int $seconds, public int $wagePerHour) {}

    public static function read(Node $node): self
    {
        $node->keys(['seconds', 'wage_per_hour_minor']);

        return new self($node->at('seconds')->integer(0, self::LONGEST_S), $node->at('wage_per_hour_minor')->integer(0, Minor::MOST));
    }

    /** @return float minor units, unrounded */
    public function cost(): float
    {
        return $this->seconds * $this->wagePerHour / self::S_PER_HOUR;
    }

    /** The wage at which the work costs as much as it saves, in minor units an hour; null where nobody worked. */
    public function breakEvenWage(float $saving): ?float
    {
        return $this->seconds === 0 ? null : $saving * self::S_PER_HOUR / $this->seconds;
    }

    /** How long one may work for a value, in seconds; null where an hour costs nothing. */
    public function paidBy(float $value): ?float
    {
        return $this->wagePerHour === 0 ? null : $value * self::S_PER_HOUR / $this->wagePerHour;
    }
}
