<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DeftBlade\Core\Lots\Destination;
use OpenApi\Attributes as OA;

/** What a coming practical or menu needs, and what there is for it. */
#[OA\Schema]
final readonly class NeedView
{
    /**
     * @param list<LotShareView>     $lots
     * @param list<ComingSupplyView> $coming
     */
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property]
        public ProductNameView $of,
        #[OA\Property(description: 'Null where its mass was said.')]
        public ?int $pieces,
        #[OA\Property(format: 'date')]
        public string $on,
        #[OA\Property]
        public int $days_ahead,
        #[OA\Property(type: 'string', enum: Destination::class)]
        public Destination $to,
        #[OA\Property(description: 'For which practical or menu.')]
        public string $text,
        #[OA\Property(description: 'Null where pieces were asked for and nobody knows yet what one weighs.')]
        public ?int $wanted_mg,
        #[OA\Property(description: 'Taken out for it already.')]
        public int $served_mg,
        #[OA\Property]
        public ?int $short_mg,
        #[OA\Property(description: 'What to take: what must go first, first.', type: 'array', items: new OA\Items(ref: LotShareView::class))]
        public array $lots,
        #[OA\Property(description: 'Practicals until then that should make some.', type: 'array', items: new OA\Items(ref: ComingSupplyView::class))]
        public array $coming,
    ) {}
}
