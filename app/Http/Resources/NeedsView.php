<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** What the coming days need, and what will go over its day because nobody needs it. */
#[OA\Schema]
final readonly class NeedsView
{
    /**
     * @param list<NeedView>        $needs
     * @param list<SpareLotView>    $spare
     * @param list<ProductNameView> $products
     */
    public function __construct(
        #[OA\Property(format: 'date', description: 'Today at the school.')]
        public string $date,
        #[OA\Property(description: 'The next first.', type: 'array', items: new OA\Items(ref: NeedView::class))]
        public array $needs,
        #[OA\Property(type: 'array', items: new OA\Items(ref: SpareLotView::class))]
        public array $spare,
        #[OA\Property(description: 'What may be asked for.', type: 'array', items: new OA\Items(ref: ProductNameView::class))]
        public array $products,
    ) {}
}
