<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\PractisedStandard;
use DeftBlade\Core\Carcass\Piece;
use DeftBlade\Core\Trends\Factor;
use DeftBlade\Core\Trends\Fairness;
use OpenApi\Attributes as OA;

/** What the totals of the trays by one standard go with. A difference is no verdict on a person. */
#[OA\Schema]
final readonly class FairnessView
{
    /**
     * @param list<FactorView>     $factors
     * @param list<SizeEffectView> $pieces
     */
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $standard,
        #[OA\Property]
        public string $key,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public int $trays,
        #[OA\Property(description: 'With fewer trays on one side nothing is compared.')]
        public int $at_least,
        #[OA\Property(type: 'array', items: new OA\Items(ref: FactorView::class))]
        public array $factors,
        #[OA\Property]
        public SizeEffectView $size,
        #[OA\Property(type: 'array', items: new OA\Items(ref: SizeEffectView::class), description: 'Of each piece: windows that are shares fit every size only where its share stays the same.')]
        public array $pieces,
    ) {}

    public static function of(PractisedStandard $practised, Fairness $fairness): self
    {
        return new self(
            $practised->id,
            $practised->key,
            $practised->standard->title,
            $fairness->trays(),
            Fairness::FEWEST,
            array_map(static fn(Factor $it): FactorView => FactorView::of($it, $fairness), Factor::OVER_CLASSES),
            SizeEffectView::of($fairness->bySize(), null),
            array_values(array_map(static fn(Piece $it): SizeEffectView => SizeEffectView::of($fairness->pieceBySize($it->id), $it->title), $practised->standard->cuts->pieces)),
        );
    }
}
