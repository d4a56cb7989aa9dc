<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** The practicals of the last days that something was weighed at, the latest first. */
#[OA\Schema]
final readonly class LedgerView
{
    /** @param list<LedgerPracticalView> $practicals */
    public function __construct(
        #[OA\Property(format: 'date', description: 'Today at the school.')]
        public string $date,
        #[OA\Property(type: 'array', items: new OA\Items(ref: LedgerPracticalView::class))]
        public array $practicals,
    ) {}
}
