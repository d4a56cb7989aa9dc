<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Capture;
use App\Models\StandardDraft;
use OpenApi\Attributes as OA;

/** A draft in the list of its author. */
#[OA\Schema]
final readonly class DraftItemView
{
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property]
        public string $title,
        #[OA\Property(format: 'date-time')]
        public string $saved_at,
    ) {}

    public static function of(StandardDraft $draft): self
    {
        return new self($draft->id, $draft->title, $draft->saved_at->utc()->format(Capture::AT_FORMAT));
    }
}
