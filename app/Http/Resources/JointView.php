<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Carcass\Joint;
use OpenApi\Attributes as OA;

/** A joint that a cut comes through. */
#[OA\Schema]
final readonly class JointView
{
    private function __construct(
        #[OA\Property]
        public string $title,
        #[OA\Property(description: 'The usual fault there.')]
        public string $fault,
    ) {}

    public static function of(Joint $joint): self
    {
        return new self($joint->title, $joint->fault);
    }
}
