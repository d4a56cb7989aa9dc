<?php

declare(strict_types=1);

namespace App\TryOut;

/** How a made-up student works. */
final readonly class MadeUpHand
{
    /**
     * @param float        $skill   0 to 1: how high the levels come out
     * @param float        $care    0 to 1: how little goes to the trim and stays on the frame
     * @param int          $seconds on the clock
     * @param list<string> $faults
     */
    public function __construct(public float $skill, public float $care, public int $seconds, public array $faults = []) {}
}
