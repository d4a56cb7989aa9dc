<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\ClassLook;
use App\Actions\ComponentLook;
use App\Actions\LostColumn;
use App\School\School;
use DeftBlade\Core\Practice\MostLost;
use OpenApi\Attributes as OA;

/** A class to look back on: what to teach next, and how its totals lie beside those of earlier classes. Nobody is named. */
#[OA\Schema]
final readonly class ClassLookView
{
    /**
     * @param list<TeachView>         $teach
     * @param list<MostLostView>      $lost
     * @param list<LostColumnView>    $lost_by
     * @param list<ClassPartView>     $parts
     * @param list<ComponentLookView> $components
     * @param list<float>             $totals
     * @param list<EarlierTotalsView> $earlier
     */
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $assessment,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $group,
        #[OA\Property(format: 'uuid')]
        public string $group_id,
        #[OA\Property(format: 'date')]
        public string $held_on,
        #[OA\Property(format: 'uuid', description: 'The latest version of what it was held against.')]
        public string $standard,
        #[OA\Property]
        public string $standard_key,
        #[OA\Property]
        public string $standard_title,
        #[OA\Property(type: 'array', items: new OA\Items(ref: TeachView::class), description: 'What cost the class most, the largest first.')]
        public array $teach,
        #[OA\Property(type: 'array', items: new OA\Items(ref: MostLostView::class), description: 'Everything the class lost points at, the largest first.')]
        public array $lost,
        #[OA\Property(type: 'array', items: new OA\Items(ref: LostColumnView::class), description: 'The same by station, wave, scale, assessor, tag of the carcass and supplier, each where there is more than one; by supplier beside the latest class with the birds of another one.')]
        public array $lost_by,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ClassPartView::class), description: 'By wave, scale, assessor and tag of the carcass, where there is more than one.')]
        public array $parts,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ComponentLookView::class), description: 'In the order of the policy.')]
        public array $components,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'), description: 'Of the trays whose result is done, the lowest first.')]
        public array $totals,
        #[OA\Property(type: 'array', items: new OA\Items(ref: EarlierTotalsView::class), description: 'Of the same standard, the latest first.')]
        public array $earlier,
    ) {}

    public static function of(ClassLook $look, School $school): self
    {
        $practised = $look->practised;
        $steps = MethodStepView::practised($practised);
        $sentences = $school->sentences($practised->standard);

        return new self(
            $look->assessment->id,
            $look->assessment->title,
            $look->assessment->group->fullName(),
            $look->assessment->group->id,
            $look->assessment->held_on->toDateString(),
            $practised->id,
            $practised->key,
            $practised->standard->title,
            array_map(static fn(MostLost $it): TeachView => TeachView::of($it, $practised, $steps, $sentences), array_slice($look->lost, 0, MostLost::MOST)),
            array_map(MostLostView::of(...), $look->lost),
            array_map(static fn(LostColumn $it): LostColumnView => LostColumnView::of($it, $look->lost), $look->columns),
            array_map(ClassPartView::of(...), $look->parts),
            array_map(static fn(ComponentLook $it): ComponentLookView => new ComponentLookView($school->vocabulary()->say($it->title), $it->scores, $it->earlier), $look->components),
            $look->totals,
            array_map(static fn(array $it): EarlierTotalsView => EarlierTotalsView::of(...$it), $look->earlier),
        );
    }
}
