<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Agreement\LevelPairs;
use OpenApi\Attributes as OA;

/** How alike somebody judged the trays of a set and the reference. */
#[OA\Schema]
final readonly class AgainstReferenceView
{
    private function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'Levels that have a reference.')]
        public int $levels,
        #[OA\Property]
        public ?float $exact,
        #[OA\Property(description: 'Steps, theirs less the reference.')]
        public ?float $mean_difference,
        #[OA\Property]
        public ?float $kappa,
    ) {}

    public static function of(string $name, LevelPairs $pairs): self
    {
        return new self($name, count($pairs->pairs), $pairs->exact(), $pairs->meanDifference(), $pairs->kappa());
    }
}
