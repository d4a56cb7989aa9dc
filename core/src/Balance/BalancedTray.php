<?php

declare(strict_types=1);

namespace DeftBlade\Core\Balance;

use DeftBlade\Core\Capture\CaptureLog;
use DeftBlade\Core\Weighing\Mass;

/** One tray of a class with its pieces and what its weights balance to. */
final readonly class BalancedTray
{
    /** @param array<string, int> $pieces mg by piece id */
    public function __construct(
        public string $attempt,
        public BalanceState $state,
        public int $unaccountedMg,
        public int $toleranceMg,
        public array $pieces,
    ) {}

    public static function of(string $attempt, CaptureLog $log, MassBalance $balance): self
    {
        return new self(
            $attempt,
            $balance->state,
            $balance->unaccountedMg ?? 0,
            $balance->tolerance->mg ?? 0,
            array_map(static fn(Mass $mass): int => $mass->mg, $log->weights->pieces),
        );
    }
}
