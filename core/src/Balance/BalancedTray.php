<?php

declare(strict_types=1);

namespace DeftBlade\Core\Balance;

use DeftBlade\Core\Capture\CaptureLog;

/** One tray of a class with its weights and what they balance to. */
final readonly class BalancedTray
{
    public function __construct(public string $attempt, public CaptureLog $log, public MassBalance $balance) {}

    public function unaccountedMg(): int
    {
        return $this->balance->unaccountedMg ?? 0;
    }

    public function toleranceMg(): int
    {
        return $this->balance->tolerance->mg ?? 0;
    }
}
