<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Attempt;
use App\Models\Release;
use OpenApi\Attributes as OA;

/** A student's own released result in their list. */
#[OA\Schema]
final readonly class OwnResultView
{
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $attempt,
        #[OA\Property]
        public string $practical,
        #[OA\Property(format: 'date')]
        public string $held_on,
        #[OA\Property]
        public ?float $total,
        #[OA\Property]
        public ?string $band,
        #[OA\Property(description: 'The version shown; above 1 it was issued again.')]
        public int $version,
    ) {}

    /** @param Attempt $attempt with its practical and its latest release */
    public static function of(Attempt $attempt, Release $release): self
    {
        return new self(
            $attempt->id,
            $attempt->assessment->title,
            $attempt->assessment->held_on->toDateString(),
            $release->total,
            $release->band,
            $release->version,
        );
    }
}
