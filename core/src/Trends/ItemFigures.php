<?php

declare(strict_types=1);

namespace DeftBlade\Core\Trends;

/** How one criterion measures. */
final readonly class ItemFigures
{
    /**
     * @param int        $n              trays that have it
     * @param float|null $difficulty     mean share of its points
     * @param float|null $discrimination how it goes with the other criteria, −1 to 1
     */
    public function __construct(public string $id, public int $n, public ?float $difficulty, public ?float $discrimination) {}
}
