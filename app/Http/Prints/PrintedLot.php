<?php

declare(strict_types=1);

namespace App\Http\Prints;

use App\Http\Resources\LotView;

/** A lot as its label says it. */
final readonly class PrintedLot
{
    /**
     * @param string $by  who put it away
     * @param string $url opens the lot
     */
    public function __construct(public LotView $lot, public string $by, public string $url) {}

    /** "Mon 2 Mar": the year goes without saying, and the letters are large. */
    public static function day(?string $date, string $format = 'D j M'): string
    {
        return $date === null ? '' : (new \DateTimeImmutable($date))->format($format);
    }
}
