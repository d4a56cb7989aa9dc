<?php

declare(strict_types=1);

namespace DeftBlade\BenchScale;

use Random\Randomizer;

/**
 * A bench scale as it behaves: the reading swings toward the load and settles in about a second, is shown in whole divisions,
 * can be zeroed and tared, and refuses what is over its capacity. Masses in mg, times in seconds.
 */
final class BenchScale
{
    private const SETTLING_SECONDS = 0.18;

    private const SWINGS_A_SECOND = 3.0;

    /** Zeroing is allowed within this share of the capacity (OIML R 76-1, 4.5.1). */
    private const ZERO_RANGE = 0.02;

    /** Shown above the capacity before the display gives up (OIML R 76-1, 4.2.3). */
    private const OVERLOAD_DIVISIONS = 9;

    private float $load = 0.0;

    private float $before = 0.0;

    private float $changedAt = -INF;

    private float $zero = 0.0;

    private float $tare = 0.0;

    public function __construct(
        private readonly Randomizer $random,
        private readonly int $divisionMg = 1_000,
        private readonly int $capacityMg = 6_000_000,
    ) {}

    public function put(float $mg, float $now): void
    {
        $this->before = $this->platform($now);
        $this->load = $mg;
        $this->changedAt = $now;
    }

    public function clear(float $now): void
    {
        $this->put(0.0, $now);
    }

    public function tare(): void
    {
        $this->tare = $this->load - $this->zero;
    }

    public function zero(): void
    {
        if (abs($this->load) <= self::ZERO_RANGE * $this->capacityMg) {
            $this->zero = $this->load;
            $this->tare = 0.0;
        }
    }

    public function read(float $now): Reading
    {
        $gross = $this->platform($now) - $this->zero;
        if ($gross > $this->capacityMg + self::OVERLOAD_DIVISIONS * $this->divisionMg) {
            return new Reading(Status::OverLimit, $this->capacityMg);
        }
        $divisions = (int) round(($gross - $this->tare + $this->tremor($now)) / $this->divisionMg);

        return match (true) {
            ! $this->isSettled($now) => new Reading(Status::InMotion, max(0, $divisions) * $this->divisionMg),
            $divisions < 0 => new Reading(Status::UnderZero, 0),
            $divisions === 0 => new Reading(Status::StableAtZero, 0),
            default => new Reading(Status::Stable, $divisions * $this->divisionMg),
        };
    }

    /** The load as the cell feels it, swinging in. */
    private function platform(float $now): float
    {
        $since = $now - $this->changedAt;
        if ($since > 20 * self::SETTLING_SECONDS) {
            return $this->load;
        }
        $swing = exp(-$since / self::SETTLING_SECONDS) * cos(2 * M_PI * self::SWINGS_A_SECOND * $since);

        return $this->load + ($this->before - $this->load) * $swing;
    }

    private function isSettled(float $now): bool
    {
        $since = $now - $this->changedAt;
        $swing = abs($this->load - $this->before) * exp(-$since / self::SETTLING_SECONDS);

        return $since > 2 * self::SETTLING_SECONDS && $swing < $this->divisionMg / 4;
    }

    /** Noise of the cell; less than half a division once settled, so that a steady load reads steady. */
    private function tremor(float $now): float
    {
        $reach = $this->isSettled($now) ? 0.1 : 1.5;

        return $this->random->getInt(-1000, 1000) / 1000 * $reach * $this->divisionMg;
    }
}
