<?php

declare(strict_types=1);

namespace App\Actions;

use DeftBlade\Core\Lots\CostSum;
use DeftBlade\Core\Lots\CutCost;

/** What carcasses came to in money, with each of their cuts. */
final readonly class SummedCost
{
    /** @param array<string, CutCost> $cuts by title, its words marked */
    public function __construct(public CostSum $sum, public array $cuts) {}

    public static function none(): self
    {
        return new self(CostSum::none(), []);
    }

    /** @param array<string, CutCost> $cuts by title */
    public function plus(CostSum $sum, array $cuts): self
    {
        $all = $this->cuts;
        foreach ($cuts as $title => $cut) {
            $all[$title] = isset($all[$title]) ? $all[$title]->plus($cut) : $cut;
        }

        return new self($this->sum->plus($sum), $all);
    }
}
