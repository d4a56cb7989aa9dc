<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** The appeals against one result, and until when another may be made. */
#[OA\Schema]
final readonly class AppealsView
{
    /**
     * @param list<AppealView> $appeals
     * @param list<NameView>   $may_decide
     * @param list<NameView>   $marked_by
     */
    public function __construct(
        #[OA\Property(type: 'array', description: 'The latest first.', items: new OA\Items(ref: AppealView::class))]
        public array $appeals,
        #[OA\Property(format: 'date', nullable: true, description: 'The last day an appeal may be made; null where none may be.')]
        public ?string $until,
        #[OA\Property(description: 'Whether one may be made now against the latest version.')]
        public bool $may_appeal,
        #[OA\Property(type: 'array', description: 'Who marked in neither round; told to those who may give an appeal to somebody.', items: new OA\Items(ref: NameView::class))]
        public array $may_decide,
        #[OA\Property(type: 'array', description: 'Who marked in either round; nobody is told to a student.', items: new OA\Items(ref: NameView::class))]
        public array $marked_by,
    ) {}
}
