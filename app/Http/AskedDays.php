<?php

declare(strict_types=1);

namespace App\Http;

use Carbon\CarbonImmutable;
use Illuminate\Http\Request;

/** The days a request asks about. */
final readonly class AskedDays
{
    private const LONGEST = 400;

    private function __construct(public CarbonImmutable $from, public CarbonImmutable $to) {}

    /**
     * From and to of the query; where one is not said it follows from the other.
     *
     * @param CarbonImmutable $usual the first day where none is said
     * @param int             $days  from the first day to the last where that is not said
     */
    public static function of(Request $request, CarbonImmutable $usual, int $days): self
    {
        $request->validate(['from' => ['date_format:Y-m-d'], 'to' => ['date_format:Y-m-d', 'after_or_equal:from']]);
        $from = $request->has('from') ? CarbonImmutable::parse($request->string('from')->toString()) : $usual;
        $to = $request->has('to') ? CarbonImmutable::parse($request->string('to')->toString()) : $from->addDays($days);

        return new self($from, $to->min($from->addDays(self::LONGEST)));
    }
}
