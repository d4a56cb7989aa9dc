<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** How much of a file of another school can be compared. */
#[OA\Schema]
final readonly class TakenInView
{
    /** @param list<string> $otherwise */
    public function __construct(
        #[OA\Property]
        public int $records,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'Pieces that are put together from other parts there, and are left out.')]
        public array $otherwise,
    ) {}
}
