<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Lots\PotStep;
use OpenApi\Attributes as OA;

/** Something that was done at a pot on the way. */
#[OA\Schema]
final readonly class PotStepView
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(type: 'string', enum: PotStep::class)]
        public PotStep $step,
        #[OA\Property(format: 'date-time')]
        public string $at,
    ) {}
}
