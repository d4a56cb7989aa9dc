<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\HeldFlow;
use DeftBlade\Core\Lots\FlowEnd;
use OpenApi\Attributes as OA;

/** What became of the money that was paid for carcasses: every gram at what a gram of its carcass cost, in minor units. */
#[OA\Schema]
final readonly class FlowMoneyView
{
    private function __construct(
        #[OA\Property]
        public int $whole_minor,
        #[OA\Property]
        public int $eaten_minor,
        #[OA\Property]
        public int $cooked_minor,
        #[OA\Property]
        public int $lost_minor,
        #[OA\Property]
        public int $here_minor,
        #[OA\Property(description: 'Practicals that are left out, because nobody wrote their delivery down.')]
        public int $unpriced,
    ) {}

    /** @param list<HeldFlow> $flows */
    public static function of(array $flows): self
    {
        $money = HeldFlow::money($flows);
        $ends = $money->endsMinor;

        return new self($money->wholeMinor, $ends[FlowEnd::Eaten->value], $ends[FlowEnd::Cooked->value], $ends[FlowEnd::Lost->value], $ends[FlowEnd::Here->value], HeldFlow::unpriced($flows));
    }
}
