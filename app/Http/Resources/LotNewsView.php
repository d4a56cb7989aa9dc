<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** What was taken down in the ledger since a cursor, and the lots it is about as they stand. */
#[OA\Schema]
final readonly class LotNewsView
{
    /**
     * @param list<LotView> $lots
     * @param list<string>  $gone lots whose making was taken back
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: LotView::class))]
        public array $lots,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string', format: 'uuid'))]
        public array $gone,
        #[OA\Property]
        public int $next,
    ) {}
}
