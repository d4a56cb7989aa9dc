<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** A page of what was changed by whom, the last first. */
#[OA\Schema]
final readonly class ChangesView
{
    /** @param list<ChangeView> $changes */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: ChangeView::class))]
        public array $changes,
        #[OA\Property(description: 'The seq to ask before for the next page; null where this is the last.')]
        public ?int $before,
    ) {}
}
