<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\PractisedStandard;
use DeftBlade\Core\Standard\Criterion;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Trends\Finding;
use DeftBlade\Core\Trends\ItemFigures;
use DeftBlade\Core\Trends\StandardLook;
use DeftBlade\Core\Trends\WindowFigures;
use OpenApi\Attributes as OA;

/** What the marked trays say of the standard they were marked by. */
#[OA\Schema]
final readonly class StandardLookView
{
    /**
     * @param list<CriterionLookView> $criteria
     * @param list<WindowLookView>    $windows
     * @param list<FindingView>       $findings
     */
    private function __construct(
        #[OA\Property(format: 'uuid', description: 'The latest version.')]
        public string $standard,
        #[OA\Property]
        public string $key,
        #[OA\Property]
        public string $title,
        #[OA\Property(description: 'Trays marked to the end, by any version.')]
        public int $trays,
        #[OA\Property(description: 'On fewer trays nothing is found.')]
        public int $at_least,
        #[OA\Property(type: 'array', items: new OA\Items(ref: FindingView::class))]
        public array $findings,
        #[OA\Property(type: 'array', items: new OA\Items(ref: CriterionLookView::class))]
        public array $criteria,
        #[OA\Property(nullable: true, description: 'How far the criteria measure one thing (Cronbach 1951); null where that cannot be said.')]
        public ?float $alpha,
        #[OA\Property(type: 'array', items: new OA\Items(ref: WindowLookView::class))]
        public array $windows,
        #[OA\Property(nullable: true, description: 'Standard time, in ms; null where none is set.')]
        public ?int $standard_ms,
        #[OA\Property(description: 'Trays whose time was taken.')]
        public int $timed,
        #[OA\Property(nullable: true, description: 'Share of them at or under the standard time of their own.')]
        public ?float $in_time,
    ) {}

    /** @param int $trays marked to the end */
    public static function of(PractisedStandard $practised, StandardLook $look, int $trays): self
    {
        $standard = $practised->standard;
        $figures = array_column(array_map(static fn(ItemFigures $it): array => [$it->id, $it], $look->items->items()), 1, 0);
        $given = $look->given();
        $times = $look->times();

        return new self(
            $practised->id,
            $practised->key,
            $standard->title,
            $trays,
            StandardLook::FEWEST,
            array_map(static fn(Finding $it): FindingView => FindingView::of($it, $standard), $look->findings()),
            array_values(array_map(static fn(Criterion $it): CriterionLookView => CriterionLookView::of($it, $figures[$it->id] ?? null, $given[$it->id]), $standard->criteria)),
            $look->items->alpha(),
            array_map(static fn(WindowFigures $it): WindowLookView => new WindowLookView($it->piece, $standard->titleOf($it->piece), $it->n, $it->within), $look->windows()),
            self::standardMs($standard),
            count($times),
            $times === [] ? null : count(array_filter($times, static fn(float $it): bool => $it <= 1)) / count($times),
        );
    }

    private static function standardMs(Standard $standard): ?int
    {
        return $standard->time === null ? null : (int) $standard->time->standardMs;
    }
}
