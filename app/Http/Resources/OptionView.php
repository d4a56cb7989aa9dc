<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** One thing the school may choose. */
#[OA\Schema]
final readonly class OptionView
{
    /** @param list<string> $effects */
    public function __construct(
        #[OA\Property]
        public string $key,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public ?string $reason,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'What it changes in a standard, in words.')]
        public array $effects,
    ) {}
}
