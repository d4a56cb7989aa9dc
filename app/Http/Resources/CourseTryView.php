<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\CourseTry;
use OpenApi\Attributes as OA;

/** One released result over a course. */
#[OA\Schema]
final readonly class CourseTryView
{
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $attempt,
        #[OA\Property]
        public string $title,
        #[OA\Property(format: 'date')]
        public string $held_on,
        #[OA\Property(nullable: true)]
        public ?float $total,
        #[OA\Property(nullable: true)]
        public ?string $band,
        #[OA\Property(nullable: true, description: 'Of AP, in pieces.')]
        public ?float $yield,
        #[OA\Property(nullable: true)]
        public ?int $running_ms,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'number', nullable: true), description: 'Scores by component; null where it was not counted.')]
        public \stdClass $scores,
    ) {}

    public static function of(CourseTry $it): self
    {
        return new self($it->attempt->id, $it->attempt->assessment->title, $it->attempt->assessment->held_on->toDateString(), $it->attempt->release?->total, $it->attempt->release?->band, $it->yield, $it->runningMs, (object) $it->scores);
    }
}
