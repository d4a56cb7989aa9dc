<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** When a step of the method card was done. */
#[OA\Schema]
final readonly class StepSplitView
{
    private function __construct(
        #[OA\Property(description: 'Counted from 0.')]
        public int $step,
        #[OA\Property(description: 'What the clock showed.')]
        public int $running_ms,
    ) {}

    /**
     * @param array<int, int> $splits running time in ms, by step
     *
     * @return list<self>
     */
    public static function allOf(array $splits): array
    {
        return array_map(static fn(int $step, int $ms): self => new self($step, $ms), array_keys($splits), array_values($splits));
    }
}
