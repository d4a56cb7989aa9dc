<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Capture\CaptureLog;
use DeftBlade\Core\Capture\MarkRound;
use DeftBlade\Core\Capture\Photographed;
use DeftBlade\Core\Weighing\Mass;
use OpenApi\Attributes as OA;

/** What holds now of a tray's captures, beside the weights of its pieces, which stand in the result. */
#[OA\Schema]
final readonly class HoldsView
{
    /**
     * @param list<string>      $defects
     * @param list<string>      $photos
     * @param list<string>      $mise_open
     * @param list<string>|null $look_not
     */
    private function __construct(
        #[OA\Property]
        public ?int $as_purchased_mg,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $defects,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'integer', nullable: true)), description: 'By piece: the mg of its portions in order, null where one is not weighed.')]
        public \stdClass $portions,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'integer'), description: 'mg by bin')]
        public \stdClass $bins,
        #[OA\Property]
        public ?int $scrape_mg,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'integer'), description: 'level by criterion')]
        public \stdClass $levels,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'integer'), description: 'level by criterion, as a second assessor gave it')]
        public \stdClass $second_levels,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'integer'), description: 'marks by fault')]
        public \stdClass $faults,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'Photographs, by SHA-256.')]
        public array $photos,
        #[OA\Property(description: 'The mise en place was looked at.')]
        public bool $mise_looked,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'What of it is not in order.')]
        public array $mise_open,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), nullable: true, description: 'What of the carcass is not as it should be; null while nobody has looked.')]
        public ?array $look_not,
        #[OA\Property(description: 'Of its core, in °C; null where it was not measured.')]
        public ?float $core_c,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'), description: 'What the student handed in, by criterion that asks for it.')]
        public \stdClass $answers,
    ) {}

    public static function of(CaptureLog $log): self
    {
        return new self(
            $log->weights->received?->mass->mg,
            $log->weights->received->defects ?? [],
            (object) array_map(static fn(array $set): array => array_map(static fn(int $number): ?int => ($set[$number] ?? null)?->mg, range(1, max(array_keys($set)))), $log->weights->portions),
            (object) array_map(static fn(Mass $mass): int => $mass->mg, $log->weights->bins),
            $log->weights->scrape?->mg,
            (object) $log->judged->levelsOf(MarkRound::First),
            (object) $log->judged->levelsOf(MarkRound::Second),
            (object) $log->judged->faults,
            array_map(static fn(Photographed $it): string => $it->sha256, $log->floor->photos),
            $log->floor->mise !== null,
            $log->floor->mise->open ?? [],
            $log->floor->look?->not,
            $log->floor->look?->coreC,
            (object) $log->answers(),
        );
    }
}
