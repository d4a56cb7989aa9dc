<?php

declare(strict_types=1);

namespace DeftBlade\Core\Grading;

/** Tries every other decision rule, and every judged level one step up or down, for another band. */
final readonly class BorderlineSearch
{
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
        foreach ($this->alternatives($tray, $verdicts, $scores) as $cause => $changed) {
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
    private function alternatives(Tray $tray, array $verdicts, array $scores): \Generator
    {
        foreach (DecisionRule::cases() as $rule) {
            $judged = $rule === $this->policy->decision->rule ? null : $this->judgedBy($rule, $tray);
            if ($judged !== null) {
                yield "decision:{$rule->value}" => self::rescored($scores, 'portion', $tray, $judged);
            }
        }
        foreach ($tray->standard->criteria as $criterion) {
            $level = $tray->level($criterion->id);
            if ($level === null || $tray->excusesCriterion($criterion->id)) {
                continue;
            }
            foreach (['-1' => $level - 1, '+1' => $level + 1] as $step => $other) {
                if (isset($criterion->levels[$other])) {
                    $changed = $tray->withLevel($criterion->id, $other);
                    yield "level:{$criterion->id}$step" => self::rescored($scores, $criterion->component, $changed, $verdicts);
                }
            }
        }
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
