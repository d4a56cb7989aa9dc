<?php

declare(strict_types=1);

namespace App\Http\Resources;

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
    public function __construct(
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
}
