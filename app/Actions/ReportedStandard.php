<?php

declare(strict_types=1);

namespace App\Actions;

/** What the trays by one standard came to over some days. */
final readonly class ReportedStandard
{
    /**
     * @param int        $classes     at which a tray was marked to the end
     * @param int        $trays       marked to the end
     * @param int        $passed      not in the lowest band
     * @param float|null $total       the mean; null where none has one
     * @param float|null $yield       mean share of AP in pieces; null where none was weighed to the end
     * @param int        $deliveredMg of the trays weighed to the end
     * @param int        $wasteMg     of them
     */
    public function __construct(public string $title, public int $classes, public int $trays, public int $passed, public ?float $total, public ?float $yield, public int $deliveredMg, public int $wasteMg) {}
}
