<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\LostColumn;
use DeftBlade\Core\Practice\MostLost;
use DeftBlade\Core\Trends\Factor;
use OpenApi\Attributes as OA;

/** What some trays that have one thing in common lost points at. */
#[OA\Schema]
final readonly class LostColumnView
{
    /** @param list<float> $points */
    private function __construct(
        #[OA\Property(type: 'string', enum: Factor::class)]
        public Factor $factor,
        #[OA\Property]
        public string $value,
        #[OA\Property(format: 'date', nullable: true, description: 'Of the earlier class that they are of; null where they are of the class that is looked at.')]
        public ?string $held_on,
        #[OA\Property]
        public int $trays,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'), description: 'Of the total, the mean over these trays, in the order of what the whole class lost at.')]
        public array $points,
    ) {}

    /** @param list<MostLost> $lost by the whole class */
    public static function of(LostColumn $it, array $lost): self
    {
        return new self($it->factor, $it->value, $it->heldOn?->toDateString(), $it->trays, array_map(static fn(MostLost $of): float => round($it->lost[$of->title]->points ?? 0.0, 2), $lost));
    }
}
