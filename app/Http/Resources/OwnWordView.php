<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** A word of the school's own for one of the book's. */
#[OA\Schema]
final readonly class OwnWordView
{
    public function __construct(
        #[OA\Property]
        public string $book,
        #[OA\Property]
        public string $school,
    ) {}
}
