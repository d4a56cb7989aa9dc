<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Brief\BriefPlan;
use App\Brief\PlannedList;
use App\Models\Assessment;
use App\Models\Brief;
use App\Models\Capture;
use App\Models\PublishedPolicy;
use App\Models\Role;
use App\Models\Room;
use App\Models\User;
use App\School\School;
use DeftBlade\Core\Planning\Order;
use DeftBlade\Core\Planning\OrderLine;
use DeftBlade\Core\Planning\Stock;
use OpenApi\Attributes as OA;

/** A practical as it is planned, and what follows from the plan. */
#[OA\Schema]
final readonly class BriefView
{
    /**
     * @param list<string>          $assessments
     * @param list<BriefListView>   $lists
     * @param list<string>          $stocks
     * @param list<string>          $missing
     * @param list<string>          $warnings
     * @param list<BriefPersonView> $staff
     * @param list<BriefRoomView>   $rooms
     * @param list<BriefChangeView> $changes
     */
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property]
        public int $version,
        #[OA\Property(ref: '#/components/schemas/BriefDocument')]
        public \stdClass $document,
        #[OA\Property(format: 'date-time', description: 'When it was set; null while it is planned.')]
        public ?string $set_at,
        #[OA\Property(type: 'array', description: 'The practicals it was set to, one a list.', items: new OA\Items(type: 'string', format: 'uuid'))]
        public array $assessments,
        #[OA\Property(type: 'array', items: new OA\Items(ref: BriefListView::class))]
        public array $lists,
        #[OA\Property(description: 'The grading policy in force: what it would be held against now.')]
        public string $policy_title,
        #[OA\Property]
        public int $policy_version,
        #[OA\Property(ref: BriefHourView::class)]
        public BriefHourView $hour,
        #[OA\Property(description: 'ISO 4217', pattern: '^[A-Z]{3}$')]
        public string $currency,
        #[OA\Property(description: 'Carcasses ordered, in mg.')]
        public int $mass_mg,
        #[OA\Property(description: 'In minor units; null while a price is missing.')]
        public ?int $cost_minor,
        #[OA\Property(type: 'array', description: 'Stock from the bones, one sentence a class of product: how much, and the pots to have ready.', items: new OA\Items(type: 'string'))]
        public array $stocks,
        #[OA\Property(type: 'array', description: 'What must be there before it can be set.', items: new OA\Items(type: 'string'))]
        public array $missing,
        #[OA\Property(type: 'array', description: 'What should be looked at.', items: new OA\Items(type: 'string'))]
        public array $warnings,
        #[OA\Property(type: 'array', description: 'Who can be put down to mark.', items: new OA\Items(ref: BriefPersonView::class))]
        public array $staff,
        #[OA\Property(type: 'array', items: new OA\Items(ref: BriefRoomView::class))]
        public array $rooms,
        #[OA\Property(description: 'Why it was cancelled; null where it was not.')]
        public ?string $cancelled,
        #[OA\Property(type: 'array', items: new OA\Items(ref: BriefChangeView::class), description: 'What became of it since it was set, the first first.')]
        public array $changes,
    ) {}

    /** @param Brief $brief with its assessments and changes */
    public static function of(Brief $brief, BriefPlan $plan, School $school): self
    {
        $sentences = $school->sentences();
        $policy = PublishedPolicy::inForce();
        $lines = array_values(array_filter(array_map(static fn(PlannedList $it): ?OrderLine => $it->order, $plan->lists)));
        $order = new Order($school->currency(), $lines);
        $isPriced = $lines !== [] && array_filter($plan->lists, static fn(PlannedList $it): bool => $it->order !== null && ! $it->isPriced) === [];

        return new self(
            $brief->id,
            $brief->version,
            $brief->document,
            $brief->set_at?->utc()->format(Capture::AT_FORMAT),
            array_values($brief->assessments->map(static fn(Assessment $it): string => $it->id)->all()),
            array_map(static fn(PlannedList $it): BriefListView => BriefListView::of($it, $school), $plan->lists),
            is_string($title = $policy->document->title ?? null) ? $title : '',
            $policy->version,
            BriefHourView::of($plan),
            $school->settings->currency,
            $order->massMg(),
            $isPriced ? $order->costMinor() : null,
            array_map(static fn(Stock $it): string => $sentences->say($it->said()), $plan->stocks),
            array_map($sentences->say(...), $plan->missing),
            array_map($sentences->say(...), $plan->warnings),
            array_values(User::query()->whereIn('role', [Role::Instructor, Role::Assessor])->whereNull('left_at')->orderBy('name')->get()->map(BriefPersonView::of(...))->all()),
            array_values(Room::query()->orderBy('name')->get()->map(BriefRoomView::of(...))->all()),
            $brief->cancelled(),
            array_values($brief->changes->map(BriefChangeView::of(...))->all()),
        );
    }
}
