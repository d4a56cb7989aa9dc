<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** What a class made: what lies on the tables now, and what was put away. */
#[OA\Schema]
final readonly class PutAwayView
{
    /**
     * @param list<LotProposalView>   $proposals
     * @param list<GibletView>        $giblets
     * @param list<LotView>           $lots
     * @param list<ChangedWeightView> $changed
     * @param list<ColdTimeView>      $cold
     */
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $assessment,
        #[OA\Property]
        public string $title,
        #[OA\Property(format: 'date')]
        public string $held_on,
        #[OA\Property(description: 'Today at the school.', format: 'date')]
        public string $date,
        #[OA\Property]
        public ClassAccountView $account,
        #[OA\Property(description: 'In the order of the cut list.', type: 'array', items: new OA\Items(ref: LotProposalView::class))]
        public array $proposals,
        #[OA\Property(description: 'Weighed apart, where the carcass brought them.', type: 'array', items: new OA\Items(ref: GibletView::class))]
        public array $giblets,
        #[OA\Property(type: 'array', items: new OA\Items(ref: LotView::class))]
        public array $lots,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ChangedWeightView::class))]
        public array $changed,
        #[OA\Property(description: 'How long a carcass may be out of the refrigerator.')]
        public int $cold_limit_ms,
        #[OA\Property(description: 'Of trays that were out, in the order of stations.', type: 'array', items: new OA\Items(ref: ColdTimeView::class))]
        public array $cold,
    ) {}
}
