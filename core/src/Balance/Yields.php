<?php

declare(strict_types=1);

namespace DeftBlade\Core\Balance;

use DeftBlade\Core\Carcass\Bin;
use DeftBlade\Core\Grading\Tray;

/** Shares of the carcass as purchased. */
final readonly class Yields
{
    private function __construct(public float $portion, public float $utilisation, public float $waste, public float $loss) {}

    public static function of(Tray $tray): ?self
    {
        $asPurchased = $tray->asPurchased()?->mg;
        if ($asPurchased === null) {
            return null;
        }
        $usable = self::binsMg($tray, true);
        $waste = self::binsMg($tray, false);
        $scrape = $tray->log->scrape->mg ?? 0;
        $pieces = $tray->piecesMg();

        return new self(
            $pieces / $asPurchased,
            ($pieces + $usable + $scrape) / $asPurchased,
            $waste / $asPurchased,
            ($asPurchased - $pieces - $usable - $waste - $scrape) / $asPurchased,
        );
    }

    private static function binsMg(Tray $tray, bool $usable): int
    {
        return array_sum(array_map(
            static fn(Bin $bin): int => $bin->usable === $usable ? $tray->log->bins[$bin->id]->mg ?? 0 : 0,
            $tray->standard->cuts->bins,
        ));
    }
}
