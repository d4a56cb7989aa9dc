<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** What is new in a class, and where to go on from. */
#[OA\Schema]
final readonly class CursorView
{
    /** @param list<CaptureView> $captures */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: CaptureView::class))]
        public array $captures,
        #[OA\Property]
        public int $next,
    ) {}
}
