<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\ClassPoint;
use DeftBlade\Core\Trends\Measure;
use OpenApi\Attributes as OA;

/** One class among those by its standard. */
#[OA\Schema]
final readonly class TrendClassView
{
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $assessment,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $group,
        #[OA\Property(format: 'date')]
        public string $held_on,
        #[OA\Property(description: 'Of the standard it was held against.')]
        public int $version,
        #[OA\Property(description: 'That the means are over: those whose result is done and nobody marks a second time just now.')]
        public int $trays,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'number', nullable: true), description: 'Means by measure: points, shares, mg, ms; null where no tray says it.')]
        public \stdClass $means,
    ) {}

    public static function of(ClassPoint $it): self
    {
        $means = array_column(array_map(static fn(Measure $measure): array => [$measure->value, $it->mean($measure)], Measure::cases()), 1, 0);

        return new self($it->assessment->id, $it->assessment->title, $it->assessment->group->fullName(), $it->assessment->held_on->toDateString(), $it->assessment->held->standard->version, $it->trays, (object) $means);
    }
}
