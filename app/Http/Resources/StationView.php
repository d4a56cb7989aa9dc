<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Assessment;
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
        #[OA\Property(ref: PanPlaceView::class, nullable: true, description: 'Null for a tray of its own.')]
        public ?PanPlaceView $pan,
    ) {}

    public static function of(Attempt $attempt, Assessment $assessment): self
    {
        return new self($attempt->id, $attempt->station, $attempt->student->name, PanPlaceView::of($assessment->panPlaceOf($attempt->station)));
    }
}
