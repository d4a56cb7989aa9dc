<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Brief\MissedTry;
use OpenApi\Attributes as OA;

/** A student who missed an earlier practical. */
#[OA\Schema]
final readonly class MissedTryView
{
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $student,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $practical,
        #[OA\Property(format: 'date')]
        public string $held_on,
    ) {}

    public static function of(MissedTry $missed): self
    {
        return new self($missed->student, $missed->name, $missed->practical, $missed->heldOn);
    }
}
