<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** A component of the policy by its id and title. */
#[OA\Schema]
final readonly class CourseComponentView
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $title,
    ) {}
}
