<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\User;
use OpenApi\Attributes as OA;

/** Somebody who can be put down to mark. */
#[OA\Schema]
final readonly class BriefPersonView
{
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property]
        public string $name,
    ) {}

    public static function of(User $user): self
    {
        return new self($user->id, $user->name);
    }
}
