<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Assessment;
use OpenApi\Attributes as OA;

/** A practical that is held against a version of a standard. */
#[OA\Schema]
final readonly class UseView
{
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $assessment,
        #[OA\Property]
        public string $title,
        #[OA\Property(format: 'date')]
        public string $held_on,
    ) {}

    public static function of(Assessment $assessment): self
    {
        return new self($assessment->id, $assessment->title, $assessment->held_on->toDateString());
    }
}
