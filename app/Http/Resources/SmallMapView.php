<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Carcass\Bin;
use DeftBlade\Core\Carcass\Part;
use DeftBlade\Core\Carcass\Piece;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Standard\Standard;
use OpenApi\Attributes as OA;

/** What the cut map of a standard is drawn from where it stands small, without words. */
#[OA\Schema]
final readonly class SmallMapView
{
    /**
     * @param array<string, float>                                       $shares
     * @param list<array{id: string, kind: string, parts: list<string>}> $holders
     */
    private function __construct(
        #[OA\Property(ref: PlanView::class, nullable: true)]
        public ?PlanView $plan,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'number'), description: 'Shares of the carcass by part.')]
        public array $shares,
        #[OA\Property(type: 'array', items: new OA\Items(required: ['id', 'kind', 'parts'], properties: [
            new OA\Property(property: 'id', type: 'string'),
            new OA\Property(property: 'kind', type: 'string', enum: ['piece', 'usable', 'waste']),
            new OA\Property(property: 'parts', type: 'array', items: new OA\Items(type: 'string')),
        ]))]
        public array $holders,
    ) {}

    public static function of(Standard $standard, ?Node $plan): self
    {
        $kind = static fn(Piece|Bin $it): string => $it instanceof Piece ? 'piece' : ($it->usable ? 'usable' : 'waste');

        return new self(
            $plan === null ? null : PlanView::of($plan),
            array_map(static fn(Part $it): float => $it->share, $standard->carcass->parts),
            array_map(static fn(Piece|Bin $it): array => ['id' => $it->id, 'kind' => $kind($it), 'parts' => $it->parts], [...array_values($standard->cuts->pieces), ...array_values($standard->cuts->bins)]),
        );
    }
}
