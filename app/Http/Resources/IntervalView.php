<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Statistics\Interval;
use OpenApi\Attributes as OA;

/** A figure with what it may as well be, at 95 % confidence. */
#[OA\Schema]
final readonly class IntervalView
{
    private function __construct(
        #[OA\Property]
        public float $value,
        #[OA\Property]
        public float $low,
        #[OA\Property]
        public float $high,
    ) {}

    public static function of(?Interval $it): ?self
    {
        return $it === null ? null : new self($it->value, $it->low, $it->high);
    }
}
