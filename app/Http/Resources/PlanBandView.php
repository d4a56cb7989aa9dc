<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Json\Node;
use OpenApi\Attributes as OA;

/** A band of a carcass on the cut map: how wide it is, and its columns from the midline outward, each a stack of parts (without their side). */
#[OA\Schema]
final readonly class PlanBandView
{
    /**
     * @param list<float>        $widths
     * @param list<list<string>> $columns
     */
    private function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'), description: 'In hundredths: one in its middle, or several from its upper edge to its lower, at equal shares of its mass.')]
        public array $widths,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'string')))]
        public array $columns,
    ) {}

    public static function of(Node $band): self
    {
        return new self(array_map(static fn(Node $width): float => $width->positive(100), $band->at('widths')->items()), array_map(
            static fn(Node $column): array => array_map(static fn(Node $part): string => $part->text(), $column->items()),
            $band->at('columns')->items(),
        ));
    }
}
