<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\TriedClass;
use App\Actions\TriedTerm;
use Carbon\CarbonImmutable;
use OpenApi\Attributes as OA;

/** A term under a policy that is not published. */
#[OA\Schema]
final readonly class TriedTermView
{
    /**
     * @param list<TriedBandView>  $bands
     * @param list<TriedClassView> $classes
     */
    private function __construct(
        #[OA\Property(format: 'date')]
        public string $from,
        #[OA\Property(format: 'date')]
        public string $to,
        #[OA\Property(description: 'Final results.')]
        public int $results,
        #[OA\Property(type: 'array', items: new OA\Items(ref: TriedBandView::class), description: 'Those of the policy first, the highest first.')]
        public array $bands,
        #[OA\Property(type: 'array', items: new OA\Items(ref: TriedClassView::class), description: 'The latest first.')]
        public array $classes,
        #[OA\Property(description: 'Trays that two assessors totalled.')]
        public int $twice,
        #[OA\Property(nullable: true, description: 'ICC(2,1) of their totals as they stand.')]
        public ?float $icc_before,
        #[OA\Property(nullable: true, description: 'And as they would be.')]
        public ?float $icc_after,
    ) {}

    public static function of(CarbonImmutable $from, CarbonImmutable $to, TriedTerm $term): self
    {
        return new self(
            $from->toDateString(),
            $to->toDateString(),
            count($term->results()),
            array_map(static fn(int|string $band, array $of): TriedBandView => new TriedBandView((string) $band, ...$of), array_keys($term->bands()), array_values($term->bands())),
            array_map(static fn(TriedClass $it): TriedClassView => TriedClassView::of($it), $term->classes),
            $term->twice(),
            $term->iccBefore(),
            $term->iccAfter(),
        );
    }
}
