<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\User;
use App\People\PasswordRule;
use OpenApi\Attributes as OA;

/** Whose code somebody holds. */
#[OA\Schema]
final readonly class CodeOwnerView
{
    private function __construct(#[OA\Property] public string $name, #[OA\Property] public string $email, #[OA\Property] public int $least_password) {}

    public static function of(User $person): self
    {
        return new self($person->name, $person->email, PasswordRule::least());
    }
}
