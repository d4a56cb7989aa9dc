<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Appeal;
use App\Models\Capture;
use App\Models\User;
use OpenApi\Attributes as OA;

/** A student's appeal, as both sides see it. */
#[OA\Schema]
final readonly class AppealView
{
    /** @param list<AppealLineView> $lines */
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(format: 'uuid')]
        public string $attempt,
        #[OA\Property]
        public string $student,
        #[OA\Property]
        public string $practical,
        #[OA\Property]
        public int $station,
        #[OA\Property(description: 'The version of the result it is against.')]
        public int $version,
        #[OA\Property(format: 'date-time')]
        public string $made_at,
        #[OA\Property(format: 'date', description: 'The day it should be decided by.')]
        public string $answer_by,
        #[OA\Property(ref: NameView::class, nullable: true, description: 'Who looks at it; null while nobody does.')]
        public ?NameView $assignee,
        #[OA\Property]
        public bool $is_decided,
        #[OA\Property(description: 'A line is upheld, at least in part, and nothing was taken down on the tray or issued again since.')]
        public bool $is_to_put_right,
        #[OA\Property(description: 'The one who asks decides it.')]
        public bool $is_yours,
        #[OA\Property(type: 'array', items: new OA\Items(ref: AppealLineView::class))]
        public array $lines,
    ) {}

    /** @param Appeal $appeal with its entries and their authors, and the attempt with student and practical */
    public static function of(Appeal $appeal, User $user): self
    {
        $assignee = $appeal->assignee();
        $person = $assignee === null ? null : User::query()->find($assignee);

        return new self(
            $appeal->id,
            $appeal->attempt_id,
            $appeal->attempt->student->name,
            $appeal->attempt->assessment->title,
            $appeal->attempt->station,
            $appeal->version,
            $appeal->made_at->utc()->format(Capture::AT_FORMAT),
            $appeal->answer_by->toDateString(),
            $person === null ? null : NameView::of($person),
            $appeal->isDecided(),
            Appeal::query()->whereKey($appeal->id)->toPutRight()->exists(),
            $assignee === $user->id,
            array_map(static fn(int $index, array $line): AppealLineView => AppealLineView::of($line, $appeal->decisionOf($index)), array_keys($appeal->lines), $appeal->lines),
        );
    }
}
