<?php

declare(strict_types=1);

namespace App\Brief;

use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Planning\Hour;
use DeftBlade\Core\Planning\Stock;
use DeftBlade\Core\Planning\WeighIn;

/** What follows from a brief: the hour, the queue at the scale, what to buy, and what is missing or to be looked at. */
final readonly class BriefPlan
{
    /**
     * @param list<PlannedList> $lists
     * @param WeighIn|null      $weighIn      null while nobody is on a list
     * @param int|null          $smallestGapS null where no gap keeps the wait under the limit
     * @param list<Stock>       $stocks       from the bones, each class of product by itself
     * @param list<Message>     $missing      what must be there before it can be set
     * @param list<Message>     $warnings     what should be looked at
     */
    public function __construct(
        public array $lists,
        public Hour $hour,
        public ?WeighIn $weighIn,
        public ?int $smallestGapS,
        public WeighingTimes $times,
        public ?\DateTimeImmutable $startsAt,
        public array $stocks,
        public array $missing,
        public array $warnings,
    ) {}
}
