<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** When a checkpoint was passed, on the student's clock. */
#[OA\Schema]
final readonly class SplitView
{
    public function __construct(
        #[OA\Property]
        public string $checkpoint,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public int $running_ms,
    ) {}
}
