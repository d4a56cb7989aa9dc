<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Attempt;
use OpenApi\Attributes as OA;

/** Who stands where. */
#[OA\Schema]
final readonly class StationView
{
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $attempt,
        #[OA\Property]
        public int $station,
        #[OA\Property]
        public string $student,
    ) {}

    public static function of(Attempt $attempt): self
    {
        return new self($attempt->id, $attempt->station, $attempt->student->name);
    }
}
