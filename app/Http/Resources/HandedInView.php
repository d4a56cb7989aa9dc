<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Standard\Criterion;
use DeftBlade\Core\Standard\Standard;
use OpenApi\Attributes as OA;

/** What a student wrote for a question of a standard. */
#[OA\Schema]
final readonly class HandedInView
{
    private function __construct(
        #[OA\Property]
        public string $criterion,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $question,
        #[OA\Property]
        public string $answer,
    ) {}

    /**
     * @param array<string, string> $answers by criterion
     *
     * @return list<self>
     */
    public static function among(Standard $standard, array $answers): array
    {
        $answered = array_intersect_key($standard->criteria, $answers);

        return array_values(array_map(static fn(Criterion $it): self => new self($it->id, $it->title, $it->question ?? $it->title, $answers[$it->id]), $answered));
    }
}
