<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Standard\Criterion;
use DeftBlade\Core\Standard\Fault;
use DeftBlade\Core\Standard\Standard;

/** What lists show of a standard. */
final readonly class StandardInBrief
{
    /** @param list<string> $judged components that its criteria and faults belong to */
    private function __construct(
        public string $title,
        public string $species,
        public int $pieces,
        public ?int $standardMs,
        public ?int $limitMs,
        public TrayLayoutView $layout,
        public array $judged,
        public SmallMapView $map,
    ) {}

    /** @param Node|null $plan how its carcass is laid out; null where nobody knows */
    public static function of(\stdClass $document, Standard $standard, ?Node $plan): self
    {
        return new self(
            $standard->title,
            $standard->species,
            count($standard->cuts->pieces),
            $standard->time === null ? null : (int) $standard->time->standardMs,
            $standard->time === null ? null : (int) $standard->time->limitMs,
            TrayLayoutView::of($document, $standard),
            array_values(array_unique([
                ...array_map(static fn(Criterion $it): string => $it->component, array_values($standard->criteria)),
                ...array_map(static fn(Fault $it): string => $it->component, array_values($standard->faults)),
            ])),
            SmallMapView::of($standard, $plan),
        );
    }
}
