<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\JudgedTwice;
use DeftBlade\Core\Agreement\LevelPairs;
use DeftBlade\Core\Standard\Level;
use OpenApi\Attributes as OA;

/** How alike assessors judge one criterion. */
#[OA\Schema]
final readonly class CriterionAgreementView
{
    /** @param list<string> $levels */
    private function __construct(
        #[OA\Property]
        public string $criterion,
        #[OA\Property]
        public string $title,
        #[OA\Property(description: 'The latest standard that has it.')]
        public string $standard,
        #[OA\Property(format: 'uuid')]
        public string $standard_id,
        #[OA\Property(type: 'array', description: 'Its descriptors, lowest first.', items: new OA\Items(type: 'string'))]
        public array $levels,
        #[OA\Property(description: 'Trays that two assessors judged it on.')]
        public int $trays,
        #[OA\Property(description: 'Share of these on which both gave the same level.')]
        public ?float $exact,
        #[OA\Property(description: 'Levels, the second less the first.')]
        public ?float $mean_difference,
        #[OA\Property(description: 'With quadratic weights (Cohen 1968); null where chance alone would give no difference.')]
        public ?float $kappa,
    ) {}

    public static function of(LevelPairs $pairs, JudgedTwice $judged): self
    {
        return new self(
            $judged->criterion->id,
            $judged->criterion->title,
            $judged->standard,
            $judged->publishedId,
            array_map(static fn(Level $it): string => $it->text, $judged->criterion->levels),
            count($pairs->pairs),
            $pairs->exact(),
            $pairs->meanDifference(),
            $pairs->kappa(),
        );
    }
}
