<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** How one component of a student came on: the mean of the first tries beside that of as many last ones. */
#[OA\Schema]
final readonly class CourseComponentView
{
    public function __construct(
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public float $first,
        #[OA\Property(nullable: true, description: 'Null while one try is all there is.')]
        public ?float $last,
    ) {}
}
