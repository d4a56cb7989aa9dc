<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** A lot that must be gone soon, and what nobody has asked for of it. */
#[OA\Schema]
final readonly class SpareLotView
{
    /** @param list<string> $becomes */
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $lot,
        #[OA\Property]
        public int $mass_mg,
        #[OA\Property(description: 'What it could become.', type: 'array', items: new OA\Items(type: 'string'))]
        public array $becomes,
    ) {}
}
