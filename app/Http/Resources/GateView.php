<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Capture\CaptureHistory;
use DeftBlade\Core\Capture\StartGate;
use OpenApi\Attributes as OA;

/** Why a clock may not be set running without a reason. */
#[OA\Schema]
final readonly class GateView
{
    /** @param list<string> $open */
    private function __construct(
        #[OA\Property(description: 'Somebody has looked at the station.')]
        public bool $looked,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'Ids of safety items that are open, or were not looked at.')]
        public array $open,
    ) {}

    /** Null where the clock may be set running. */
    public static function of(StartGate $gate, CaptureHistory $history): ?self
    {
        $shut = $gate->now($history);

        return $shut === null ? null : new self($shut->isLookedAt, $shut->open);
    }
}
