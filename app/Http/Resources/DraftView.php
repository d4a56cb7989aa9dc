<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Capture;
use App\Models\StandardDraft;
use OpenApi\Attributes as OA;

/** A draft as it was last saved. */
#[OA\Schema]
final readonly class DraftView
{
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(description: 'What a change is made to (If-Match).')]
        public int $version,
        #[OA\Property(ref: '#/components/schemas/Standard')]
        public \stdClass $document,
        #[OA\Property(format: 'date-time')]
        public string $saved_at,
    ) {}

    public static function of(StandardDraft $draft): self
    {
        return new self($draft->id, $draft->version, $draft->document, $draft->saved_at->utc()->format(Capture::AT_FORMAT));
    }
}
