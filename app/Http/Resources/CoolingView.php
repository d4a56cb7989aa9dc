<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Ledger\Cooling;
use DeftBlade\Core\Ledger\CoolingVerdict;
use OpenApi\Attributes as OA;

/** How a container cools, in two stages: FDA Food Code 2022, 3-501.14. */
#[OA\Schema]
final readonly class CoolingView
{
    /** @param list<CoolingReadingView> $readings */
    private function __construct(
        #[OA\Property(description: 'In the order of time.', type: 'array', items: new OA\Items(ref: CoolingReadingView::class))]
        public array $readings,
        #[OA\Property(description: 'When it went below 57 °C, in ms since 1970; null while it is hotter.')]
        public ?int $from_57_ms,
        #[OA\Property(description: 'From then until it was at 21 °C; null while it is hotter.')]
        public ?int $to_21_ms,
        #[OA\Property(description: 'From then until it was at 5 °C; null while it is hotter.')]
        public ?int $to_5_ms,
        #[OA\Property(type: 'string', enum: CoolingVerdict::class)]
        public CoolingVerdict $verdict,
        #[OA\Property(description: 'By when it must be at 21 °C, in ms since 1970; null while it is above 57 °C.')]
        public ?int $first_by_ms,
        #[OA\Property(description: 'By when it must be at 5 °C.')]
        public ?int $cold_by_ms,
    ) {}

    public static function of(?\stdClass $row): ?self
    {
        if ($row === null) {
            return null;
        }
        $figure = static fn(string $key): ?int => is_int($row->{$key} ?? null) ? $row->{$key} : null;
        $start = $figure('from_57_ms');
        $readings = array_filter(is_array($row->readings) ? $row->readings : [], static fn(mixed $it): bool => $it instanceof \stdClass);

        return new self(
            array_values(array_map(CoolingReadingView::of(...), $readings)),
            $start,
            $figure('to_21_ms'),
            $figure('to_5_ms'),
            CoolingVerdict::from(is_string($row->verdict) ? $row->verdict : ''),
            $start === null ? null : $start + Cooling::FIRST_MS,
            $start === null ? null : $start + Cooling::TOTAL_MS,
        );
    }
}
