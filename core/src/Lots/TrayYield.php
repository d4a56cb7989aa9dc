<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

use DeftBlade\Core\Balance\BalanceState;
use DeftBlade\Core\Grading\AttemptResult;
use DeftBlade\Core\Standard\Standard;

/** What one carcass came to, and how long it took. */
final readonly class TrayYield
{
    private const MS = 1_000;

    /**
     * @param bool               $isWhole weighed to the end
     * @param int                $apMg    the carcass as purchased
     * @param array<string, int> $massMg  by product
     * @param int                $seconds that were worked, without pauses
     */
    public function __construct(public bool $isWhole, public int $apMg, public array $massMg, public int $seconds) {}

    /** @param Tables $tables of this attempt alone */
    public static function of(Tables $tables, AttemptResult $result): self
    {
        $masses = [];
        foreach ($tables->weights as $weight) {
            $masses[$weight->product->id] = ($masses[$weight->product->id] ?? 0) + $weight->massMg;
        }

        return new self($result->balance->state !== BalanceState::Open, $tables->account(0)->deliveredMg, $masses, intdiv($result->attempt->log->time->ms, self::MS));
    }

    /** What the standard expects of a carcass: each product by its share, and nothing left to be scraped off the frame. */
    public static function expected(Standard $standard, LotProducts $products, int $apMg): self
    {
        $share = [];
        foreach ([...$standard->cuts->pieces, ...$standard->cuts->bins] as $place) {
            $product = $products->at($place->id);
            if ($product !== null) {
                $share[$product->id] = ($share[$product->id] ?? 0.0) + $place->expectation->share;
            }
        }

        return new self(true, $apMg, array_map(static fn(float $it): int => (int) round($apMg * $it), $share), (int) round(($standard->time->standardMs ?? 0) / self::MS));
    }
}
