<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\IssuedCode;
use OpenApi\Attributes as OA;

/** A one-time code, told this once. */
#[OA\Schema]
final readonly class IssuedCodeView
{
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $person,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $email,
        #[OA\Property]
        public string $code,
        #[OA\Property(description: 'The page that takes the code.')]
        public string $link,
        #[OA\Property(format: 'date-time')]
        public string $expires_at,
        #[OA\Property(description: 'It was sent by mail as well.')]
        public bool $is_mailed,
    ) {}

    public static function of(IssuedCode $issued): self
    {
        return new self($issued->person->id, $issued->person->name, $issued->person->email, $issued->code, url("/code/$issued->code"), $issued->expiresAt->toRfc3339String(), $issued->isMailed);
    }
}
