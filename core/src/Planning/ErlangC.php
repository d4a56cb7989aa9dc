<?php

declare(strict_types=1);

namespace DeftBlade\Core\Planning;

/**
 * Waiting in a queue with Poisson arrivals, exponential service and c servers, in the long run: A. K. Erlang 1917, the C formula.
 * It is counted by the recursion of the B formula, which never divides two large powers.
 */
final readonly class ErlangC
{
    private function __construct(public float $waitProbability, public float $meanWaitS) {}

    /**
     * @param float $load  mean arrivals in one mean service time
     * @param float $meanS of one service
     *
     * @return self|null null where trays come faster than the scales can take them
     */
    public static function of(int $scales, float $load, float $meanS): ?self
    {
        if ($load >= $scales) {
            return null;
        }
        $blocked = 1.0;
        for ($server = 1; $server <= $scales; $server++) {
            $blocked = $load * $blocked / ($server + $load * $blocked);
        }
        $waits = $scales * $blocked / ($scales - $load * (1 - $blocked));

        return new self($waits, $waits * $meanS / ($scales - $load));
    }
}
