<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\LotShare;
use OpenApi\Attributes as OA;

/** Lots that must be gone soon, and that nobody has asked for. */
#[OA\Schema]
final readonly class SpareView
{
    private function __construct(
        #[OA\Property]
        public int $lots,
        #[OA\Property]
        public int $mass_mg,
        #[OA\Property(description: 'The day of the first.', format: 'date')]
        public string $use_by,
    ) {}

    /** @param list<LotShare> $spare the first to go first */
    public static function of(array $spare): ?self
    {
        $first = $spare[0]->lot->use_by ?? null;

        return $first === null ? null : new self(count($spare), array_sum(array_map(static fn(LotShare $it): int => $it->massMg, $spare)), $first->toDateString());
    }
}
