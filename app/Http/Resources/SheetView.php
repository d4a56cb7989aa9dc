<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** The class sheet: a row a student. */
#[OA\Schema]
final readonly class SheetView
{
    /**
     * @param list<SheetColumnView> $components
     * @param list<SheetRowView>    $rows
     */
    public function __construct(
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $group,
        #[OA\Property(format: 'date')]
        public string $held_on,
        #[OA\Property(description: 'Counts for nothing.')]
        public bool $is_rehearsal,
        #[OA\Property(description: 'Why it was cancelled; null where it was not.')]
        public ?string $cancelled,
        #[OA\Property(type: 'array', items: new OA\Items(ref: SheetColumnView::class))]
        public array $components,
        #[OA\Property(type: 'array', items: new OA\Items(ref: SheetRowView::class))]
        public array $rows,
    ) {}
}
