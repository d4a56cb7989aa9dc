<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\TriedClass;
use App\Actions\TriedResult;
use OpenApi\Attributes as OA;

/** A class as it would have been graded under a policy that is not published. */
#[OA\Schema]
final readonly class TriedClassView
{
    /** @param list<TriedResultView> $bands */
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $assessment,
        #[OA\Property]
        public string $title,
        #[OA\Property(format: 'date')]
        public string $held_on,
        #[OA\Property(description: 'Final results.')]
        public int $results,
        #[OA\Property(description: 'How many totals would be another.')]
        public int $totals,
        #[OA\Property(type: 'array', description: 'Those whose band would be another, in the order of stations.', items: new OA\Items(ref: TriedResultView::class))]
        public array $bands,
        #[OA\Property(description: 'Why this class cannot be graded by this policy.')]
        public ?string $problem,
    ) {}

    public static function of(TriedClass $tried): self
    {
        return new self(
            $tried->assessment->id,
            $tried->assessment->title,
            $tried->assessment->held_on->toDateString(),
            count($tried->results),
            count(array_filter($tried->results, static fn(TriedResult $it): bool => $it->changesTotal())),
            array_values(array_map(TriedResultView::of(...), array_filter($tried->results, static fn(TriedResult $it): bool => $it->changesBand()))),
            $tried->problem,
        );
    }
}
