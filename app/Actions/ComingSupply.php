<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use DeftBlade\Core\Lots\ProductName;

/** What a practical that is to come will make of something, as its standard expects of usual carcasses. */
final readonly class ComingSupply
{
    /** @param int $pieces 0 of what is not counted in pieces */
    public function __construct(public Assessment $assessment, public ProductName $of, public int $massMg, public int $pieces) {}

    public function pieceMg(): ?int
    {
        return $this->pieces === 0 ? null : intdiv($this->massMg, $this->pieces);
    }
}
