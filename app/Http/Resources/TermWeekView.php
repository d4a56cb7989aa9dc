<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\HeldFlow;
use DeftBlade\Core\Lots\ClassFlow;
use DeftBlade\Core\Lots\FlowEnd;
use OpenApi\Attributes as OA;

/** Where the carcasses of a week, or of a whole term, went: in mass and in money. */
#[OA\Schema]
final readonly class TermWeekView
{
    private function __construct(
        #[OA\Property(format: 'date', description: 'Its Monday; of a term its first day.')]
        public string $from,
        #[OA\Property]
        public int $delivered_mg,
        #[OA\Property]
        public int $eaten_mg,
        #[OA\Property]
        public int $cooked_mg,
        #[OA\Property]
        public int $lost_mg,
        #[OA\Property]
        public int $here_mg,
        #[OA\Property]
        public FlowMoneyView $money,
    ) {}

    /** @param list<HeldFlow> $flows */
    public static function of(string $from, array $flows): self
    {
        $flow = ClassFlow::together(array_map(static fn(HeldFlow $it): ClassFlow => $it->flow, $flows));
        $ends = $flow->ends();

        return new self($from, $flow->deliveredMg, $ends[FlowEnd::Eaten->value], $ends[FlowEnd::Cooked->value], $ends[FlowEnd::Lost->value], $ends[FlowEnd::Here->value], FlowMoneyView::of($flows));
    }
}
