<?php

declare(strict_types=1);

namespace App\Http\Prints\CutMap;

/** A part drawn: `across` from 0 to 1 of the body's width, `down` in shares of the carcass from head to tail. */
final readonly class CutBlock
{
    public function __construct(public string $part, public float $left, public float $right, public float $top, public float $bottom) {}

    public function area(): float
    {
        return ($this->right - $this->left) * ($this->bottom - $this->top);
    }

    public function holds(float $across, float $down): bool
    {
        return $across > $this->left && $across < $this->right && $down > $this->top && $down < $this->bottom;
    }
}
