<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Json\Node;
use OpenApi\Attributes as OA;

/** A band of a carcass on the cut map: its width in hundredths, and its columns from the midline outward, each a stack of parts (without their side). */
#[OA\Schema]
final readonly class PlanBandView
{
    /** @param list<list<string>> $columns */
    private function __construct(
        #[OA\Property]
        public float $width,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'string')))]
        public array $columns,
    ) {}

    public static function of(Node $band): self
    {
        return new self($band->at('width')->positive(100), array_map(
            static fn(Node $column): array => array_map(static fn(Node $part): string => $part->text(), $column->items()),
            $band->at('columns')->items(),
        ));
    }
}
