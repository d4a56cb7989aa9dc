<?php

declare(strict_types=1);

namespace App\Actions;

/** How one component of a student came on: the mean of the first tries beside that of as many last ones. */
final readonly class CourseComponent
{
    /** @param float|null $last null while one try is all there is */
    public function __construct(public string $title, public float $first, public ?float $last) {}
}
