<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\ClassNews;
use App\Models\Assessment;
use App\Models\Presence;
use Carbon\CarbonImmutable;
use OpenApi\Attributes as OA;

/** What is new in a class, and where to go on from. */
#[OA\Schema]
final readonly class CursorView
{
    /**
     * @param list<CaptureView>      $captures
     * @param list<FloorStationView> $stations
     * @param list<PresentView>      $present
     */
    private function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: CaptureView::class))]
        public array $captures,
        #[OA\Property(type: 'array', items: new OA\Items(ref: FloorStationView::class), description: 'The stations these captures are of, as they stand now.')]
        public array $stations,
        #[OA\Property]
        public int $next,
        #[OA\Property(type: 'array', items: new OA\Items(ref: PresentView::class), description: 'Who has a tray open.')]
        public array $present,
        #[OA\Property(description: 'The clock of the server, in ms since 1970.')]
        public int $now_ms,
    ) {}

    public static function of(Assessment $assessment, ClassNews $news): self
    {
        return new self(
            array_map(CaptureView::of(...), $news->captures),
            $news->class === null ? [] : FloorStationView::allOf($assessment, $news->attempts, $news->class),
            $news->next,
            array_values(Presence::in($assessment)->get()->map(PresentView::of(...))->all()),
            (int) CarbonImmutable::now()->getPreciseTimestamp(3),
        );
    }
}
