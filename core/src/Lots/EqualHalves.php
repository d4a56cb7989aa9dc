<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

/** Where a piece that tapers is cut so that both halves weigh the same: nearer its thick end. */
final class EqualHalves
{
    /** How thick a breast is at its thin end, of its thick end; from memory, to be replaced by the school's own. */
    public const BREAST = 0.3;

    /**
     * Its cross-section is taken to shrink evenly from one end to the other, so that the mass up to s is s − (1 − taper)·s²/2; half of all of it is
     * (1 + taper)/4.
     *
     * @param float $taper thickness of the thin end, of the thick one, above 0 and at most 1
     *
     * @return float how far from the thick end, of its length
     */
    public static function at(float $taper): float
    {
        $slope = 1 - $taper;

        return $slope < 1e-9 ? 0.5 : (1 - sqrt(1 - $slope * (1 + $taper) / 2)) / $slope;
    }
}
