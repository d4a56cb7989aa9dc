<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** Mass that went from one place to the next. */
#[OA\Schema]
final readonly class FlowBandView
{
    public function __construct(
        #[OA\Property(description: 'A place of the flow.')]
        public string $from,
        #[OA\Property]
        public string $to,
        #[OA\Property]
        public int $mass_mg,
    ) {}
}
