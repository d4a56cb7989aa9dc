<?php

declare(strict_types=1);

namespace DeftBlade\Core\Planning;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Random numbers that are the same for the same seed. */
final readonly class Chance
{
    private const STEPS = 1 << 52;

    private Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Xoshiro256StarStar($seed));
    }

    /** Even between 0 and 1, neither of them. */
    public function share(): float
    {
        return ($this->random->getInt(0, self::STEPS - 1) + 0.5) / self::STEPS;
    }

    public function exponential(float $mean): float
    {
        return -$mean * log($this->share());
    }
}
