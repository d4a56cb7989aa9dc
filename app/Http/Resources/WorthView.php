<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Practice\Worth;
use OpenApi\Attributes as OA;

/** Something that cost points, and what the next step would be. */
#[OA\Schema]
final readonly class WorthView
{
    private function __construct(
        #[OA\Property(description: 'What it was.')]
        public string $text,
        #[OA\Property(description: 'Of the total.')]
        public float $points,
        #[OA\Property(description: 'The level above, as the standard describes it; null of what has none.')]
        public ?string $next,
    ) {}

    public static function of(Worth $worth): self
    {
        return new self($worth->text, $worth->points, $worth->next);
    }
}
