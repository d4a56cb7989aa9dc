<?php

declare(strict_types=1);

namespace App\Actions;

use DeftBlade\Core\Trends\CarcassSize;
use DeftBlade\Core\Trends\CarcassSource;

/** Which carcasses are to say what windows would be, and how surely. */
final readonly class CarcassQuestion
{
    /** Of fewer nothing is proposed. */
    public const AT_LEAST = 20;

    /**
     * @param string|null $supplier   only those of one; null for all
     * @param float       $coverage   share of carcasses that a window is to hold
     * @param float       $confidence with which it is to hold them
     */
    public function __construct(
        public ?string $supplier = null,
        public CarcassSize $size = CarcassSize::All,
        public CarcassSource $source = CarcassSource::Own,
        public float $coverage = 0.95,
        public float $confidence = 0.9,
    ) {}
}
