<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\PractisedStandard;
use App\Models\CalledCard;
use App\Models\CalledEntry;
use App\Models\CalledKind;
use App\Models\User;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Shipped\ShippedDocuments;
use OpenApi\Attributes as OA;

/** A method card that is called, as it stands. */
#[OA\Schema]
final readonly class CalledView
{
    /**
     * @param list<MethodStepView> $steps
     * @param list<string>         $cautions
     * @param list<string>|null    $help
     */
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(format: 'uuid')]
        public string $standard,
        #[OA\Property]
        public string $title,
        #[OA\Property(description: 'Who calls it.')]
        public string $by,
        #[OA\Property(type: 'array', items: new OA\Items(ref: MethodStepView::class))]
        public array $steps,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $cautions,
        #[OA\Property]
        public SmallMapView $map,
        #[OA\Property(description: 'The step that was called last, counted from 0; -1 before the first.')]
        public int $step,
        #[OA\Property]
        public bool $over,
        #[OA\Property(description: 'How many follow.')]
        public int $following,
        #[OA\Property(description: 'How many of them are done with the step.')]
        public int $done,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), nullable: true, description: 'Who needs help at it, in the order they asked; null for a student.')]
        public ?array $help,
        #[OA\Property(type: 'string', enum: ['done', 'help'], nullable: true, description: 'What whoever asks said of the step.')]
        public ?string $own,
    ) {}

    /** @param CalledCard $card with its caller and its entries with their authors */
    public static function of(CalledCard $card, PractisedStandard $practised, User $user, ShippedDocuments $shipped): self
    {
        $plan = $shipped->planOf($practised->standard->carcass);
        $standing = $card->standing();
        $own = $standing[$user->id] ?? null;
        $names = $card->entries->mapWithKeys(static fn(CalledEntry $it): array => [$it->user_id => $it->user->name])->all();
        $asking = array_keys($standing, CalledKind::Help, true);

        return new self(
            $card->id,
            $card->published_standard_id,
            $practised->standard->title,
            $card->caller->name,
            MethodStepView::practised($practised),
            $practised->cautions(),
            SmallMapView::of($practised->standard, $plan === null ? null : Node::of($plan, 'plan')),
            $card->step(),
            $card->isOver(),
            count($standing),
            count(array_keys($standing, CalledKind::Done, true)),
            $user->role->isStaff() ? array_map(static fn(string $it): string => $names[$it], $asking) : null,
            $own === CalledKind::Done || $own === CalledKind::Help ? $own->value : null,
        );
    }
}
