<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Standard\Criterion;

/** Any judged component (technique, quality, sanitation, …): the levels of its criteria, less the marks for its faults. */
final readonly class CriteriaComponent extends WeightedComponent
{
    public static function settings(): array
    {
        return [];
    }

    public static function of(ComponentHead $head, Node $node): self
    {
        return new self($head);
    }

    public function score(Tray $tray, array $verdicts): ComponentScore
    {
        $all = $tray->standard->criteriaOf($this->id());
        $judged = array_filter($all, static fn(Criterion $it): bool => ! $tray->excusesCriterion($it->id));
        if ($all !== [] && $judged === []) {
            return ComponentScore::dropped($this);
        }
        $losses = [];
        $earned = 100.0;
        $weights = array_sum(array_map(static fn(Criterion $it): float => $it->weight, $judged));
        foreach ($judged as $criterion) {
            $mark = $tray->mark($criterion);
            $shortfall = $mark->shortfall();
            if ($shortfall === null) {
                return ComponentScore::pending($this);
            }
            $points = 100 * $criterion->weight / $weights * $shortfall;
            if ($points > 0) {
                $earned -= $points;
                $losses[] = new Loss($mark->why(), $points);
            }
        }
        $faults = $this->faultsOn($tray);
        $deducted = array_sum(array_map(static fn(Loss $loss): float => $loss->points, $faults));
        $earned = max(0.0, $earned);
        // A component does not go below nothing, so what the faults cost together is at most what was earned.
        $bite = $deducted > $earned ? $earned / $deducted : 1.0;
        foreach ($faults as $loss) {
            $losses[] = new Loss($loss->why, $loss->points * $bite);
        }

        return ComponentScore::of($this, $earned - $deducted * $bite, $losses);
    }

    /** @return list<Loss> */
    private function faultsOn(Tray $tray): array
    {
        $losses = [];
        foreach ($tray->standard->faultsOf($this->id()) as $fault) {
            $count = $tray->log->judged->faults[$fault->id] ?? 0;
            if ($count > 0) {
                $losses[] = new Loss(Message::of(MessageCode::FaultMarked, ['fault' => $fault->id, 'count' => $count, 'deduct' => $fault->deduct, 'max' => $fault->max, 'critical' => $fault->critical]), $fault->deductionFor($count));
            }
        }

        return $losses;
    }
}
