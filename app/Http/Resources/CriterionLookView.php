<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Standard\Criterion;
use DeftBlade\Core\Standard\Level;
use DeftBlade\Core\Trends\ItemFigures;
use OpenApi\Attributes as OA;

/** How one criterion measures. */
#[OA\Schema]
final readonly class CriterionLookView
{
    /** @param list<LevelLookView> $levels */
    private function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $title,
        #[OA\Property(description: 'Trays judged by these steps.')]
        public int $trays,
        #[OA\Property(nullable: true, description: 'Mean share of its points; null where no tray has it.')]
        public ?float $difficulty,
        #[OA\Property(nullable: true, description: 'How its points go with the sum of the others, −1 to 1; null where that cannot be said.')]
        public ?float $discrimination,
        #[OA\Property(type: 'array', items: new OA\Items(ref: LevelLookView::class), description: 'The lowest first.')]
        public array $levels,
    ) {}

    /** @param list<int> $given by level */
    public static function of(Criterion $criterion, ?ItemFigures $figures, array $given): self
    {
        return new self($criterion->id, $criterion->title, $figures->n ?? 0, $figures?->difficulty, $figures?->discrimination, array_map(static fn(Level $it, int $count): LevelLookView => new LevelLookView($it->text, $it->points, $count), $criterion->levels, $given));
    }
}
