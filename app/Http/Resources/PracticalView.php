<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\GradedClass;
use App\Models\Assessment;
use App\Models\Attempt;
use OpenApi\Attributes as OA;

/** A practical on the Bench, with a card for each tray. */
#[OA\Schema]
final readonly class PracticalView
{
    /** @param list<TrayCardView> $trays */
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $room,
        #[OA\Property(format: 'date')]
        public string $held_on,
        #[OA\Property]
        public string $group,
        #[OA\Property]
        public string $course,
        #[OA\Property]
        public string $standard,
        #[OA\Property]
        public TrayLayoutView $layout,
        #[OA\Property(type: 'array', items: new OA\Items(ref: TrayCardView::class))]
        public array $trays,
    ) {}

    public static function of(Assessment $assessment, GradedClass $class): self
    {
        return new self(
            $assessment->id,
            $assessment->title,
            $assessment->room,
            $assessment->held_on->toDateString(),
            $assessment->group->name,
            $assessment->group->course,
            $class->standard->title,
            TrayLayoutView::of($assessment->document, $class->standard),
            array_values($assessment->attempts->map(static fn(Attempt $it): TrayCardView => TrayCardView::of($it, $class))->all()),
        );
    }
}
