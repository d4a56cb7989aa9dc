<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** What is on today, what is still open from before, and what waits. */
#[OA\Schema]
final readonly class BenchView
{
    /**
     * @param list<PracticalView> $today
     * @param list<PracticalView> $earlier practicals of other days
     * @param list<PracticalView> $coming  the days to come, the next first
     * @param list<WaitingView>   $waiting
     */
    public function __construct(
        #[OA\Property(format: 'date')]
        public string $date,
        #[OA\Property(type: 'array', items: new OA\Items(ref: PracticalView::class))]
        public array $today,
        #[OA\Property(type: 'array', items: new OA\Items(ref: PracticalView::class))]
        public array $earlier,
        #[OA\Property(type: 'array', items: new OA\Items(ref: PracticalView::class))]
        public array $coming,
        #[OA\Property(type: 'array', items: new OA\Items(ref: WaitingView::class))]
        public array $waiting,
        #[OA\Property(description: 'There are practicals of earlier days beyond these.')]
        public bool $has_earlier,
        #[OA\Property(description: 'Null where nothing goes over its day within two days, or all of it is asked for.')]
        public ?SpareView $spare,
    ) {}
}
