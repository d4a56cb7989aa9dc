<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\LotRow;

/** So much of what is on hand of a lot. */
final readonly class LotShare
{
    public function __construct(public LotRow $lot, public int $massMg) {}
}
