<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** What can be practised, and how whoever asks stands to it. */
#[OA\Schema]
final readonly class PracticeShelfView
{
    /**
     * @param list<PracticeItemView> $items
     * @param list<HomeworkView>     $homework
     * @param list<WrittenItemView>  $written
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: PracticeItemView::class), description: 'What whoever asks cuts next first.')]
        public array $items,
        #[OA\Property(description: 'Days in a row on which they practised.')]
        public int $streak,
        #[OA\Property(description: 'Whether instructors see how much was practised.')]
        public bool $shown,
        #[OA\Property(type: 'array', items: new OA\Items(ref: HomeworkView::class), description: 'What their group is to practise, the next first.')]
        public array $homework,
        #[OA\Property(ref: NextPracticalView::class, nullable: true, description: 'Null where none is planned for whoever asks.')]
        public ?NextPracticalView $next,
        #[OA\Property(type: 'array', items: new OA\Items(ref: WrittenItemView::class), description: 'Coming practicals that ask for something in writing and still take it, the next first.')]
        public array $written,
        #[OA\Property(description: 'Whoever asks works with a knife only while somebody who may supervise is there.')]
        public bool $supervised,
    ) {}
}
