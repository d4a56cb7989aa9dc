<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** A class before its results are released: whom to mark twice, what is to be agreed, what stands in the way. */
#[OA\Schema]
final readonly class ModerationView
{
    /**
     * @param list<NameView>          $assessors
     * @param list<ModerationRowView> $rows
     * @param list<BandCountView>     $bands
     */
    public function __construct(
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $group,
        #[OA\Property(format: 'date')]
        public string $held_on,
        #[OA\Property(description: 'Counts for nothing: nothing of it is released.')]
        public bool $is_rehearsal,
        #[OA\Property]
        public ?string $cancelled,
        #[OA\Property(description: 'The policy says what becomes of two looks. Without it the first holds.')]
        public bool $has_moderation,
        #[OA\Property(description: 'What is agreed is written down by somebody who marked in neither round.')]
        public bool $third_agrees,
        #[OA\Property(description: 'Of the class, drawn to be marked twice.')]
        public float $share,
        #[OA\Property(type: 'array', description: 'Who may be asked for a second look.', items: new OA\Items(ref: NameView::class))]
        public array $assessors,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ModerationRowView::class))]
        public array $rows,
        #[OA\Property(type: 'array', description: 'Highest first.', items: new OA\Items(ref: BandCountView::class))]
        public array $bands,
        #[OA\Property(description: 'Earlier classes at the same standard that are counted beside this one.')]
        public int $earlier_classes,
    ) {}
}
