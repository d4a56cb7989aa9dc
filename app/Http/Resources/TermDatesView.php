<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** From when to when a term goes. */
#[OA\Schema]
final readonly class TermDatesView
{
    public function __construct(
        #[OA\Property]
        public string $title,
        #[OA\Property(format: 'date')]
        public string $from,
        #[OA\Property(format: 'date')]
        public string $to,
    ) {}
}
