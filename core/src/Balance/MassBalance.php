<?php

declare(strict_types=1);

namespace DeftBlade\Core\Balance;

use DeftBlade\Core\Grading\Tray;
use DeftBlade\Core\Weighing\Mass;

/** The carcass as purchased against everything that came off it. */
final readonly class MassBalance
{
    private function __construct(public BalanceState $state, public ?int $unaccountedMg, public ?Mass $tolerance) {}

    public static function of(Tray $tray, BalanceTolerance $tolerance): self
    {
        $asPurchased = $tray->asPurchased();
        if ($asPurchased === null) {
            return new self(BalanceState::Open, null, null);
        }
        $allowed = $tolerance->forCarcass($asPurchased);
        $unaccounted = $asPurchased->mg - self::outMg($tray);
        $state = match (true) {
            ! self::allWeighed($tray) => BalanceState::Open,
            $unaccounted > $allowed->mg => BalanceState::Short,
            $unaccounted < -$allowed->mg => BalanceState::Over,
            default => BalanceState::Balanced,
        };

        return new self($state, $unaccounted, $allowed);
    }

    private static function outMg(Tray $tray): int
    {
        $bins = array_map(static fn(Mass $mass): int => $mass->mg, $tray->log->bins);

        return $tray->piecesMg() + array_sum($bins) + ($tray->log->scrape->mg ?? 0);
    }

    private static function allWeighed(Tray $tray): bool
    {
        $cuts = $tray->standard->cuts;

        return count($tray->log->pieces) === count($cuts->pieces)
            && count($tray->log->bins) === count($cuts->bins)
            && ($tray->standard->frame === null || $tray->log->scrape !== null);
    }
}
