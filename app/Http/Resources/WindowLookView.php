<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** How often the window of one piece is met. */
#[OA\Schema]
final readonly class WindowLookView
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $title,
        #[OA\Property(description: 'Trays weighed against this window.')]
        public int $trays,
        #[OA\Property(nullable: true, description: 'Share of them that met it.')]
        public ?float $within,
    ) {}
}
