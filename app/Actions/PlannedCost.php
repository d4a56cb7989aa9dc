<?php

declare(strict_types=1);

namespace App\Actions;

use App\Brief\BriefDocument;
use App\Brief\PlanBrief;
use App\Models\Assessment;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Money\Minor;

/** What a brief reckoned the carcasses of its practicals would cost. */
final readonly class PlannedCost
{
    public function __construct(private PlanBrief $planning) {}

    /** In minor units; null where it had no price, or there was no brief. */
    public function of(Assessment $assessment): ?int
    {
        $brief = $assessment->brief()->with('assessments')->first();
        if ($brief === null) {
            return null;
        }
        $plan = $this->planning->plan(BriefDocument::read(Node::of($brief->document, 'brief')), $brief->id);
        $index = array_search($assessment->id, $brief->assessments->modelKeys(), true);
        $list = is_int($index) ? $plan->lists[$index] ?? null : null;

        return $list?->order === null || ! $list->isPriced ? null : Minor::rounded($list->order->cost());
    }
}
