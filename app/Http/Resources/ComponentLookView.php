<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** How one component came out in a class. */
#[OA\Schema]
final readonly class ComponentLookView
{
    /**
     * @param list<float> $scores
     * @param list<float> $earlier
     */
    public function __construct(
        #[OA\Property]
        public string $title,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'), description: 'Of a hundred, the lowest first.')]
        public array $scores,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'), description: 'Of the earlier classes together, the lowest first.')]
        public array $earlier,
    ) {}
}
