<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Lots\Destination;
use DeftBlade\Core\Lots\LaidOut;
use DeftBlade\Core\Lots\LotKitchen;
use DeftBlade\Core\Lots\LotProductKind;
use DeftBlade\Core\Lots\Proposal;
use DeftBlade\Core\Vocabulary\Vocabulary;
use OpenApi\Attributes as OA;

/** A lot that may be made of what lies on the tables. */
#[OA\Schema]
final readonly class LotProposalView
{
    /**
     * @param list<LotWeightView> $weights
     * @param list<Destination>   $destinations
     */
    private function __construct(
        #[OA\Property]
        public string $product,
        #[OA\Property]
        public string $title,
        #[OA\Property(type: 'string', enum: LotProductKind::class)]
        public LotProductKind $kind,
        #[OA\Property(description: 'Pieces that did not meet the standard.')]
        public bool $is_off,
        #[OA\Property]
        public int $mass_mg,
        #[OA\Property(description: 'In the order of stations.', type: 'array', items: new OA\Items(ref: LotWeightView::class))]
        public array $weights,
        #[OA\Property(description: 'Where it goes unless somebody says otherwise; null where it is kept.', type: 'string', enum: Destination::class, nullable: true)]
        public ?Destination $destination,
        #[OA\Property(description: 'Where it may go.', type: 'array', items: new OA\Items(type: 'string', enum: Destination::class))]
        public array $destinations,
    ) {}

    public static function of(Proposal $proposal, LotKitchen $kitchen, Vocabulary $words): self
    {
        return new self(
            $proposal->product->id,
            $words->say($proposal->product->title),
            $proposal->product->kind,
            $proposal->isOff,
            $proposal->massMg(),
            array_map(static fn(LaidOut $it): LotWeightView => new LotWeightView($it->capture, $it->massMg), $proposal->weights),
            $kitchen->destinationOf($proposal->product),
            $kitchen->destinationsOf($proposal->product->id),
        );
    }
}
