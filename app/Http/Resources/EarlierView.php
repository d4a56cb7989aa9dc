<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** A page of practicals of earlier days. */
#[OA\Schema]
final readonly class EarlierView
{
    /** @param list<PracticalView> $practicals the latest first */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: PracticalView::class))]
        public array $practicals,
        #[OA\Property]
        public bool $has_earlier,
    ) {}
}
