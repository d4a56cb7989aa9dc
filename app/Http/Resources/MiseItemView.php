<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Standard\MiseItem;
use DeftBlade\Core\Standard\MiseList;
use DeftBlade\Core\Vocabulary\Vocabulary;
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

    /** @return list<self> */
    public static function allOf(MiseList $list, Vocabulary $vocabulary): array
    {
        return array_map(static fn(MiseItem $it): self => new self($it->id, $vocabulary->say($it->title), $it->isSafety), array_values($list->items));
    }
}
