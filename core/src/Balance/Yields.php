<?php

declare(strict_types=1);

namespace DeftBlade\Core\Balance;

use DeftBlade\Core\Capture\CaptureLog;
use DeftBlade\Core\Carcass\Bin;
use DeftBlade\Core\Standard\Standard;

/** Shares of the carcass as purchased. */
final readonly class Yields
{
    private function __construct(public float $portion, public float $utilisation, public float $waste, public float $loss) {}

    public static function of(Standard $standard, CaptureLog $log): ?self
    {
        $asPurchased = $log->weights->received?->mass->mg;
        if ($asPurchased === null) {
            return null;
        }
        $usable = self::binsMg($standard, $log, true);
        $waste = self::binsMg($standard, $log, false);
        $scrape = $log->weights->scrape->mg ?? 0;
        $pieces = $log->weights->piecesMg();

        return new self(
            $pieces / $asPurchased,
            ($pieces + $usable + $scrape) / $asPurchased,
            $waste / $asPurchased,
            ($asPurchased - $pieces - $usable - $waste - $scrape) / $asPurchased,
        );
    }

    private static function binsMg(Standard $standard, CaptureLog $log, bool $usable): int
    {
        return array_sum(array_map(
            static fn(Bin $bin): int => $bin->usable === $usable ? $log->weights->bins[$bin->id]->mg ?? 0 : 0,
            $standard->cuts->bins,
        ));
    }
}
