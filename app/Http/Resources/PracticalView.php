<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\ClassFlags;
use App\Actions\ListedTray;
use App\Brief\Marking;
use App\Models\Assessment;
use DeftBlade\Core\Balance\BalancedTray;
use DeftBlade\Core\Sentence\Sentences;
use OpenApi\Attributes as OA;

/** A practical on the Bench, with a card for each tray. */
#[OA\Schema]
final readonly class PracticalView
{
    /**
     * @param list<AssessorView> $assessors
     * @param list<TrayCardView> $trays
     */
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
        #[OA\Property(description: 'Counts for nothing.')]
        public bool $is_rehearsal,
        #[OA\Property(description: 'Why it was cancelled; null where it was not.')]
        public ?string $cancelled,
        #[OA\Property(type: 'array', description: 'Who is down to mark it; nobody where it was not planned in a brief.', items: new OA\Items(ref: AssessorView::class))]
        public array $assessors,
        #[OA\Property]
        public TrayLayoutView $layout,
        #[OA\Property(type: 'array', items: new OA\Items(ref: TrayCardView::class))]
        public array $trays,
    ) {}

    /**
     * @param Assessment       $assessment with its group
     * @param list<ListedTray> $trays
     * @param list<Marking>    $markings   who marks it
     */
    public static function of(Assessment $assessment, array $trays, StandardInBrief $standard, array $markings, Sentences $sentences): self
    {
        $flags = ClassFlags::among(array_map(static fn(ListedTray $it): BalancedTray => $it->balanced, $trays));

        return new self(
            $assessment->id,
            $assessment->title,
            $assessment->room,
            $assessment->held_on->toDateString(),
            $assessment->group->name,
            $assessment->group->course,
            $standard->title,
            $assessment->is_rehearsal,
            $assessment->cancelled,
            array_map(AssessorView::of(...), $markings),
            $standard->layout,
            array_map(static fn(ListedTray $it): TrayCardView => TrayCardView::of($it, FlagView::allOf($flags->flagsOf($it->attempt, $it->flags), $sentences)), $trays),
        );
    }
}
