<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\NeedRow;

/** Something that is needed, with what there is and what is to come for it. */
final readonly class NeedAhead
{
    /**
     * @param int|null           $wantedMg null where pieces were asked for and nobody knows what one weighs
     * @param int                $servedMg taken out for it already
     * @param int|null           $shortMg  null where it is not known how much it is
     * @param list<LotShare>     $lots     what must go first first, with the mass to take
     * @param list<ComingSupply> $coming
     */
    public function __construct(public NeedRow $row, public ?int $wantedMg, public int $servedMg, public ?int $shortMg, public array $lots, public array $coming) {}
}
