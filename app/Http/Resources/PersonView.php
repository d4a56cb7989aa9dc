<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\AccessCode;
use App\Models\Role;
use App\Models\User;
use OpenApi\Attributes as OA;

/** Somebody who works at the school, or did. */
#[OA\Schema]
final readonly class PersonView
{
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $email,
        #[OA\Property(type: 'string', enum: Role::class)]
        public Role $role,
        #[OA\Property(description: 'What they mark is marked a second time.')]
        public bool $in_training,
        #[OA\Property(description: 'Has set a password.')]
        public bool $has_come,
        #[OA\Property(format: 'date-time', description: 'Until when a code that was made for them opens something; null where there is none.')]
        public ?string $code_until,
        #[OA\Property(format: 'date-time')]
        public ?string $left_at,
    ) {}

    /** @param User $person with their open codes */
    public static function of(User $person): self
    {
        $code = $person->openCodes->first();

        return new self($person->id, $person->name, $person->email, $person->role, $person->in_training ?? false, $person->password !== null, $code instanceof AccessCode ? $code->expires_at->toRfc3339String() : null, $person->left_at?->toRfc3339String());
    }
}
