<?php

declare(strict_types=1);

namespace DeftBlade\Core\Trends;

use DeftBlade\Core\Carcass\Piece;
use DeftBlade\Core\Carcass\WindowBasis;

/** The window that a school's own carcasses propose for one piece, beside the one in force. */
final readonly class NewWindow
{
    /** A hundredth of a percent of the carcass: no scale in a kitchen tells more. */
    private const PLACES = 4;

    /**
     * @param float|null $low  share of AP; null where there are too few records, where they do not vary, or where the piece is judged by mass
     * @param float|null $high likewise
     */
    private function __construct(public Piece $piece, public ShareWindow $own, public ?float $low, public ?float $high) {}

    public static function of(Piece $piece, Recalibrate $from): self
    {
        $own = $from->windowOf($piece);
        $isProposed = $piece->window->basis === WindowBasis::Share && $from->isEnoughFor($piece) && $own->madSd > 0;
        [$low, $high] = [max(0.0, round((float) $own->low(), self::PLACES)), min(1.0, round((float) $own->high(), self::PLACES))];

        return $isProposed && $high > $low ? new self($piece, $own, $low, $high) : new self($piece, $own, null, null);
    }
}
