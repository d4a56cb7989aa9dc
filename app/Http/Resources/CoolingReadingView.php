<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** A temperature at the core of a container. */
#[OA\Schema]
final readonly class CoolingReadingView
{
    private function __construct(
        #[OA\Property(description: 'In ms since 1970.')]
        public int $at_ms,
        #[OA\Property]
        public float $c,
    ) {}

    public static function of(\stdClass $row): self
    {
        return new self(is_int($row->at_ms) ? $row->at_ms : 0, is_int($row->c) || is_float($row->c) ? (float) $row->c : 0.0);
    }
}
