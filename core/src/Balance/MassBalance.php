<?php

declare(strict_types=1);

namespace DeftBlade\Core\Balance;

use DeftBlade\Core\Capture\CaptureLog;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Weighing\Mass;

/** The carcass as purchased against everything that came off it. */
final readonly class MassBalance
{
    private function __construct(public BalanceState $state, public ?int $unaccountedMg, public ?Mass $tolerance) {}

    public static function of(Standard $standard, CaptureLog $log, BalanceTolerance $tolerance): self
    {
        $asPurchased = $log->weights->received?->mass;
        if ($asPurchased === null) {
            return new self(BalanceState::Open, null, null);
        }
        $allowed = $tolerance->forCarcass($asPurchased);
        $unaccounted = $asPurchased->mg - self::outMg($log);
        $state = match (true) {
            ! self::allWeighed($standard, $log) => BalanceState::Open,
            $unaccounted > $allowed->mg => BalanceState::Short,
            $unaccounted < -$allowed->mg => BalanceState::Over,
            default => BalanceState::Balanced,
        };

        return new self($state, $unaccounted, $allowed);
    }

    private static function outMg(CaptureLog $log): int
    {
        $bins = array_map(static fn(Mass $mass): int => $mass->mg, $log->weights->bins);

        return $log->weights->piecesMg() + array_sum($bins) + ($log->weights->scrape->mg ?? 0);
    }

    private static function allWeighed(Standard $standard, CaptureLog $log): bool
    {
        $cuts = $standard->cuts;

        return count($log->weights->pieces) === count($cuts->pieces)
            && count($log->weights->bins) === count($cuts->bins)
            && ($standard->frame === null || $log->weights->scrape !== null);
    }
}
