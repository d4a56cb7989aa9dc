<?php

declare(strict_types=1);

namespace DeftBlade\Core\Trends;

/** What classes are held against each other by: of each the mean over its trays. */
enum Measure: string
{
    /** Of a hundred points. */
    case Total = 'total';
    /** Share of the AP weight that became pieces. */
    case PortionYield = 'yield';
    /** Share of the AP weight that is on no scale any more. */
    case Loss = 'loss';
    /** What was scraped off the frame, mg. */
    case Scrape = 'scrape';
    /** The clock without its pauses, ms. */
    case Time = 'time';

    /** What no mean is below; of the loss there is none, for a wet carcass can give more than was bought. */
    public function least(): float
    {
        return $this === self::Loss ? -INF : 0.0;
    }

    /** What no mean is above. */
    public function most(): float
    {
        return match ($this) {
            self::Total => 100.0,
            self::PortionYield, self::Loss => 1.0,
            self::Scrape, self::Time => INF,
        };
    }
}
