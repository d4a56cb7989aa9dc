<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Capture\CaptureLog;
use DeftBlade\Core\Weighing\Mass;
use OpenApi\Attributes as OA;

/** What holds now of a tray's captures, beside the weights of its pieces, which stand in the result. */
#[OA\Schema]
final readonly class HoldsView
{
    /** @param list<string> $defects */
    private function __construct(
        #[OA\Property]
        public ?int $as_purchased_mg,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $defects,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'integer'), description: 'mg by bin')]
        public \stdClass $bins,
        #[OA\Property]
        public ?int $scrape_mg,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'integer'), description: 'level by criterion')]
        public \stdClass $levels,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'integer'), description: 'marks by fault')]
        public \stdClass $faults,
    ) {}

    public static function of(CaptureLog $log): self
    {
        return new self(
            $log->received?->mass->mg,
            $log->received->defects ?? [],
            (object) array_map(static fn(Mass $mass): int => $mass->mg, $log->bins),
            $log->scrape?->mg,
            (object) $log->levels,
            (object) $log->faults,
        );
    }
}
