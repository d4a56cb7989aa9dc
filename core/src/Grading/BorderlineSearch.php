<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

use DeftBlade\Core\Standard\Criterion;

/** Tries every other decision rule, and every judged level one step up or down, for another band. */
final readonly class BorderlineSearch
{
    /** Points; keeps rounding in binary from deciding that a step is too small to matter. */
    private const SLACK = 1e-6;

    public function __construct(private Policy $policy) {}

    /**
     * @param list<PieceVerdict>   $verdicts
     * @param list<ComponentScore> $scores
     * @param list<CapCause>       $causes
     *
     * @return list<Borderline>
     */
    public function search(Tray $tray, array $verdicts, array $scores, Grade $grade, array $causes): array
    {
        if ($grade->band === null) {
            return [];
        }
        $found = [];
        foreach ($this->alternatives($tray, $verdicts, $scores, $grade) as $cause => $changed) {
            $band = Grade::of($this->policy, $changed, $causes)->band;
            if ($band !== null && $band !== $grade->band) {
                $found[] = new Borderline($cause, $band->label);
            }
        }

        return $found;
    }

    /**
     * @param list<PieceVerdict>   $verdicts
     * @param list<ComponentScore> $scores
     *
     * @return \Generator<string, list<ComponentScore>> the scores as they would be, by cause
     */
    private function alternatives(Tray $tray, array $verdicts, array $scores, Grade $grade): \Generator
    {
        foreach (DecisionRule::cases() as $rule) {
            $judged = $rule === $this->policy->decision->rule ? null : $this->judgedBy($rule, $tray);
            if ($judged !== null) {
                yield "decision:{$rule->value}" => self::rescored($scores, 'portion', $tray, $judged);
            }
        }
        foreach ($tray->standard->criteria as $criterion) {
            $mark = $tray->mark($criterion);
            $shortfall = $mark->shortfall();
            if ($shortfall === null || $tray->excusesCriterion($criterion->id)) {
                continue;
            }
            foreach ($mark->neighbours() as $step => $other) {
                if ($grade->isNearABand(self::pointsBetween($criterion, $shortfall, $other, $tray, $scores, $grade), $this->policy)) {
                    $changed = $tray->withLevel($criterion->id, $other);
                    yield "level:{$criterion->id}$step" => self::rescored($scores, $criterion->component, $changed, $verdicts);
                }
            }
        }
    }

    /**
     * The most that a step of a criterion can move the total, so that most steps need no rescoring.
     *
     * @param list<ComponentScore> $scores
     */
    private static function pointsBetween(Criterion $criterion, float $shortfall, int $other, Tray $tray, array $scores, Grade $grade): float
    {
        $weights = 0.0;
        foreach ($tray->standard->criteriaOf($criterion->component) as $it) {
            $weights += $tray->excusesCriterion($it->id) ? 0.0 : $it->weight;
        }
        $component = 0.0;
        foreach ($scores as $score) {
            $component += $score->component->id() === $criterion->component && $score->score !== null ? $score->component->weight() : 0.0;
        }
        $steps = abs($shortfall - $criterion->shortfallAt($other));

        return 100 * $steps * $criterion->weight / $weights * $component / $grade->scoredWeight + self::SLACK;
    }

    /** @return list<PieceVerdict>|null null where the rule would leave a window empty */
    private function judgedBy(DecisionRule $rule, Tray $tray): ?array
    {
        try {
            return $this->policy->judgeOfPieces($rule)->judge($tray);
        } catch (EmptyWindow) {
            return null;
        }
    }

    /**
     * @param list<ComponentScore> $scores
     * @param list<PieceVerdict>   $verdicts
     *
     * @return list<ComponentScore>
     */
    private static function rescored(array $scores, string $component, Tray $tray, array $verdicts): array
    {
        return array_map(
            static fn(ComponentScore $it): ComponentScore => $it->component->id() === $component ? $it->component->score($tray, $verdicts) : $it,
            $scores,
        );
    }
}
