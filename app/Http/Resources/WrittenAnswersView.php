<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\WrittenAnswers;
use DeftBlade\Core\Standard\Criterion;
use OpenApi\Attributes as OA;

/** What a practical asks a student in writing. */
#[OA\Schema]
final readonly class WrittenAnswersView
{
    /** @param list<WrittenQuestionView> $questions */
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $attempt,
        #[OA\Property]
        public string $practical,
        #[OA\Property(format: 'date')]
        public string $held_on,
        #[OA\Property(description: 'The title of the standard.')]
        public string $standard,
        #[OA\Property(description: 'Answers are taken: until the clock of the student starts.')]
        public bool $is_open,
        #[OA\Property(type: 'array', items: new OA\Items(ref: WrittenQuestionView::class))]
        public array $questions,
    ) {}

    public static function of(WrittenAnswers $it): self
    {
        $assessment = $it->attempt->assessment;

        return new self(
            $it->attempt->id,
            $assessment->title,
            $assessment->held_on->toDateString(),
            $it->standard,
            $it->isOpen,
            array_map(static fn(Criterion $asked): WrittenQuestionView => WrittenQuestionView::of($asked, $it->answers[$asked->id] ?? null), $it->asked),
        );
    }
}
