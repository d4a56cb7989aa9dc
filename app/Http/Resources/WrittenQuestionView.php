<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Standard\Criterion;
use DeftBlade\Core\Standard\Level;
use OpenApi\Attributes as OA;

/** A question to answer in writing before a practical. */
#[OA\Schema]
final readonly class WrittenQuestionView
{
    /** @param list<string> $levels */
    private function __construct(
        #[OA\Property(description: 'That the answer is judged as.')]
        public string $criterion,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $question,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'The steps it is judged by, lowest first.')]
        public array $levels,
        #[OA\Property(description: 'What was handed in; null while nothing was.')]
        public ?string $answer,
    ) {}

    public static function of(Criterion $criterion, ?string $answer): self
    {
        return new self($criterion->id, $criterion->title, (string) $criterion->question, array_map(static fn(Level $it): string => $it->text, $criterion->levels), $answer);
    }
}
