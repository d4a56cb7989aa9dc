<?php

declare(strict_types=1);

namespace App\Actions;

use App\Brief\BriefDocument;
use App\Brief\PlanBrief;
use App\Models\Assessment;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Lots\ClassYield;
use DeftBlade\Core\Lots\LotProducts;
use DeftBlade\Core\Money\Minor;

/** What the carcasses of a class came to, for what they cost. */
final readonly class ReadCost
{
    public function __construct(private GradeClass $grading, private ReadTables $tables, private PlanBrief $planning) {}

    /** What the brief reckoned its carcasses would cost, in minor units; null where it had no price, or there was no brief. */
    public function plannedCost(Assessment $assessment): ?int
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

    public function yieldOf(Assessment $assessment): ClassYield
    {
        $assessment->load('attempts.captures');
        $class = $this->grading->grade($assessment, $assessment->attempts);
        $products = LotProducts::of($class->standard, $this->tables->kitchen(), $this->tables->classOf($class->standard->species));

        return ClassYield::of($class->standard, $products, $class->result->attempts);
    }
}
