<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\CalledCard;
use OpenApi\Attributes as OA;

/** A method card that is called now. */
#[OA\Schema]
final readonly class CalledItemView
{
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(format: 'uuid')]
        public string $standard,
        #[OA\Property]
        public string $title,
        #[OA\Property(description: 'Who calls it.')]
        public string $by,
    ) {}

    /** @param CalledCard $card with its caller */
    public static function of(CalledCard $card, string $title): self
    {
        return new self($card->id, $card->published_standard_id, $title, $card->caller->name);
    }
}
