<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\OwnProgress;
use App\Actions\OwnTray;
use App\Actions\PractisedStandard;
use App\Actions\ReleasedTry;
use App\Models\StudentGroup;
use App\School\School;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Practice\WorthMost;
use DeftBlade\Core\Quiz\Schedule;
use DeftBlade\Core\Shipped\ShippedDocuments;
use OpenApi\Attributes as OA;

/** A standard to practise: its method card and cautions, in the words of the school, and how whoever asks comes on with it. */
#[OA\Schema]
final readonly class PracticeView
{
    /**
     * @param list<MethodStepView> $steps
     * @param list<string>         $cautions
     * @param list<TryView>        $tries
     * @param list<WorthMostView>  $worth
     * @param list<NameView>       $groups
     */
    private function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $title,
        #[OA\Property(type: 'array', items: new OA\Items(ref: MethodStepView::class))]
        public array $steps,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $cautions,
        #[OA\Property]
        public SmallMapView $map,
        #[OA\Property(description: 'Null where no time is asked for.')]
        public ?int $standard_ms,
        #[OA\Property(type: 'array', items: new OA\Items(ref: TryView::class), description: 'Released results and practice trays of whoever asks, the first first.')]
        public array $tries,
        #[OA\Property(type: 'array', items: new OA\Items(ref: WorthMostView::class), description: 'What is worth most now, the largest first.')]
        public array $worth,
        #[OA\Property(ref: CurveView::class, nullable: true, description: 'Null where no time is asked for, or none was taken.')]
        public ?CurveView $curve,
        #[OA\Property(description: 'Questions that were answered before and are due again.')]
        public int $due,
        #[OA\Property(ref: ReferenceView::class, nullable: true, description: 'Null where nobody who teaches made a tray of theirs the reference.')]
        public ?ReferenceView $reference,
        #[OA\Property(type: 'array', items: new OA\Items(ref: NameView::class), description: 'Groups that whoever asks may call the card to.')]
        public array $groups,
    ) {}

    /**
     * @param int                $today  days since 1970, at the school
     * @param list<StudentGroup> $groups that whoever asks may call it to
     */
    public static function of(PractisedStandard $practised, OwnProgress $progress, Schedule $schedule, int $today, ?OwnTray $reference, array $groups, ShippedDocuments $shipped, School $school): self
    {
        $steps = MethodStepView::practised($practised);
        $plan = $shipped->planOf($practised->standard->carcass);
        $tries = [...array_map(static fn(ReleasedTry $it): TryView => TryView::released($it), $progress->released), ...array_map(static fn(OwnTray $it): TryView => TryView::practised($it), array_reverse($progress->trays))];
        usort($tries, static fn(TryView $a, TryView $b): int => $a->on <=> $b->on);

        return new self(
            $practised->id,
            $practised->standard->title,
            $steps,
            $practised->cautions(),
            SmallMapView::of($practised->standard, $plan === null ? null : Node::of($plan, 'plan')),
            $practised->standard->time === null ? null : (int) $practised->standard->time->standardMs,
            $tries,
            array_map(static fn(WorthMost $it): WorthMostView => WorthMostView::of($it, $practised, $steps, $schedule, $school), $progress->worth),
            $progress->curve === null ? null : CurveView::of($progress->curve),
            $schedule->countDue($today),
            $reference === null ? null : ReferenceView::of($reference),
            array_map(NameView::ofGroup(...), $groups),
        );
    }
}
