<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\StandardisingSet;
use App\Models\User;
use OpenApi\Attributes as OA;

/** A standardising set in a list. */
#[OA\Schema]
final readonly class StandardisingItemView
{
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property]
        public string $title,
        #[OA\Property(format: 'date-time')]
        public string $made_at,
        #[OA\Property]
        public bool $is_open,
        #[OA\Property(description: 'You have finished.')]
        public bool $is_finished,
    ) {}

    /** @param StandardisingSet $set with its entries */
    public static function of(StandardisingSet $set, User $user): self
    {
        return new self($set->id, $set->title, $set->made_at->toRfc3339String(), $set->isOpen(), $set->isFinishedBy($user->id));
    }
}
