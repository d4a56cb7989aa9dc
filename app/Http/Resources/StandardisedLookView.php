<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\StandardisingSet;
use App\Models\User;
use OpenApi\Attributes as OA;

/** How one criterion of a tray in a set was seen: by you, and when the set is open by everybody. */
#[OA\Schema]
final readonly class StandardisedLookView
{
    /** @param list<LookView> $given */
    private function __construct(
        #[OA\Property]
        public string $criterion,
        #[OA\Property]
        public ?int $yours,
        #[OA\Property(type: 'array', description: 'Of everybody; nothing until the set is open.', items: new OA\Items(ref: LookView::class))]
        public array $given,
        #[OA\Property(description: 'Steps from the lowest to the highest that was given; null until the set is open.')]
        public ?int $spread,
        #[OA\Property(ref: LookView::class, nullable: true)]
        public ?LookView $reference,
    ) {}

    /** @param array<string, string> $names by id of a person */
    public static function of(StandardisingSet $set, string $tray, string $criterion, User $user, array $names): self
    {
        $levels = $set->levelsOf($tray, $criterion);
        $isOpen = $set->isOpen();
        $reference = $set->referenceOf($tray, $criterion);
        $reason = $reference?->payload->reason ?? '';

        return new self(
            $criterion,
            $levels[$user->id] ?? null,
            $isOpen ? array_map(static fn(string $by, int $level): LookView => LookView::given($level, $names[$by] ?? ''), array_map(strval(...), array_keys($levels)), $levels) : [],
            $isOpen && $levels !== [] ? max($levels) - min($levels) : null,
            $reference === null ? null : LookView::given($reference->level(), $names[$reference->by] ?? '', is_string($reason) ? $reason : ''),
        );
    }
}
