<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\PracticeFact;
use OpenApi\Attributes as OA;

/** That a step of the method card was done on a practice tray, as the device took it down. */
#[OA\Schema]
final readonly class PracticeStepView
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(format: 'date-time')]
        public string $at,
        #[OA\Property(type: 'string', enum: [PracticeFact::STEP])]
        public string $kind,
        #[OA\Property(description: 'Counted from 0.', minimum: 0)]
        public int $step,
    ) {}
}
