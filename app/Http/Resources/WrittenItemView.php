<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\WrittenAnswers;
use OpenApi\Attributes as OA;

/** A coming practical that asks whoever asks for something in writing. */
#[OA\Schema]
final readonly class WrittenItemView
{
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $attempt,
        #[OA\Property]
        public string $practical,
        #[OA\Property(format: 'date')]
        public string $held_on,
        #[OA\Property(description: 'How many questions.')]
        public int $asked,
        #[OA\Property(description: 'How many of them nothing was handed in for.')]
        public int $open,
    ) {}

    public static function of(WrittenAnswers $it): self
    {
        return new self($it->attempt->id, $it->attempt->assessment->title, $it->attempt->assessment->held_on->toDateString(), count($it->asked), $it->countOpen());
    }
}
