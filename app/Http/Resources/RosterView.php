<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** The groups of the school, and what an allergy can bar. */
#[OA\Schema]
final readonly class RosterView
{
    /**
     * @param list<GroupView> $groups
     * @param list<string>    $products
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: GroupView::class))]
        public array $groups,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $products,
    ) {}
}
