<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Standard\MiseItem;
use OpenApi\Attributes as OA;

/** One thing to look at before the clock starts. */
#[OA\Schema]
final readonly class MiseItemView
{
    private function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $title,
        #[OA\Property(description: 'Nobody starts to cut with it open.')]
        public bool $is_safety,
    ) {}

    public static function of(MiseItem $item): self
    {
        return new self($item->id, $item->title, $item->isSafety);
    }
}
