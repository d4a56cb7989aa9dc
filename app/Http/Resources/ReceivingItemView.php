<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Standard\ReceivingItem;
use DeftBlade\Core\Standard\ReceivingList;
use DeftBlade\Core\Vocabulary\Vocabulary;
use OpenApi\Attributes as OA;

/** One thing to look at on a carcass as it comes in. */
#[OA\Schema]
final readonly class ReceivingItemView
{
    /** @param list<string> $defects */
    private function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property(description: 'As it should be.')]
        public string $title,
        #[OA\Property(description: 'What is said where it is not.')]
        public string $otherwise,
        #[OA\Property(description: 'A carcass that is not like this goes back.')]
        public bool $refuses,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'Defects of the standard that this may be: noted, they excuse what they spoil.')]
        public array $defects,
    ) {}

    /** @return list<self> */
    public static function allOf(ReceivingList $list, Vocabulary $vocabulary): array
    {
        return array_values(array_map(static fn(ReceivingItem $it): self => new self($it->id, $vocabulary->say($it->title), $vocabulary->say($it->otherwise), $it->refuses, $it->defects), $list->items));
    }
}
