<?php

declare(strict_types=1);

namespace DeftBlade\Core\Trends;

/** A tray as it is looked at for what its total goes with. Nobody is named in it. */
final readonly class FactorTray
{
    /**
     * @param string                      $class  that it was marked in
     * @param array<string, list<string>> $values by factor; more than one assessor may have judged it
     * @param int                         $apMg   the carcass
     * @param array<string, int>          $masses mg by piece
     */
    public function __construct(public string $class, public float $total, public array $values, public int $apMg, public array $masses) {}

    public function has(Factor $factor, string $value): bool
    {
        return in_array($value, $this->values[$factor->value] ?? [], true);
    }
}
