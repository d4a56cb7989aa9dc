<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** The classes by one standard as they follow each other. */
#[OA\Schema]
final readonly class TrendsView
{
    /**
     * @param list<TrendStandardView> $standards
     * @param list<TrendClassView>    $classes
     * @param list<TrendChartView>    $charts
     * @param list<DayNoteView>       $notes
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: TrendStandardView::class), description: 'Those with a class, the most classes first.')]
        public array $standards,
        #[OA\Property(nullable: true, description: 'The key of the one that is shown; null where no class was held yet.')]
        public ?string $standard,
        #[OA\Property(type: 'array', items: new OA\Items(ref: TrendClassView::class), description: 'The first first.')]
        public array $classes,
        #[OA\Property(type: 'array', items: new OA\Items(ref: TrendChartView::class), description: 'Of what at least two classes say.')]
        public array $charts,
        #[OA\Property(type: 'array', items: new OA\Items(ref: DayNoteView::class), description: 'Between the first class and today.')]
        public array $notes,
    ) {}
}
