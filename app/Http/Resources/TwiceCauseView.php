<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Grading\TwiceCause;
use DeftBlade\Core\Sentence\Sentences;
use OpenApi\Attributes as OA;

/** Why a tray should be marked twice, as a code and as the school says it. */
#[OA\Schema]
final readonly class TwiceCauseView
{
    private function __construct(
        #[OA\Property(type: 'string', enum: TwiceCause::class)]
        public TwiceCause $cause,
        #[OA\Property]
        public string $text,
    ) {}

    public static function of(TwiceCause $cause, Sentences $sentences): self
    {
        return new self($cause, $sentences->say($cause->message()));
    }
}
