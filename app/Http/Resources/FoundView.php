<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** Something that was found: a practical, a student's latest tray, a standard. */
#[OA\Schema]
final readonly class FoundView
{
    public function __construct(
        #[OA\Property(enum: ['practical', 'student', 'standard'])]
        public string $kind,
        #[OA\Property(format: 'uuid', description: 'Of the practical, of the latest attempt of the student, of the standard.')]
        public string $id,
        #[OA\Property]
        public string $title,
        #[OA\Property(description: 'What tells it from others of its name.')]
        public string $note,
    ) {}
}
