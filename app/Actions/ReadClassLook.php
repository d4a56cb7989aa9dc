<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\ResultRow;
use DeftBlade\Core\Grading\Component;
use DeftBlade\Core\Grading\Status;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Practice\MostLost;
use DeftBlade\Core\Trends\Difference;
use DeftBlade\Core\Trends\Factor;
use DeftBlade\Core\Trends\FactorTray;
use DeftBlade\Core\Trends\Fairness;
use Illuminate\Database\Eloquent\Collection;

/** Reads a class to look back on: of the trays whose result is done, and which nobody marks a second time just now. */
final readonly class ReadClassLook
{
    private const EARLIER = 5;

    /** Who looks at a class knows whose tray is whose: fewer are compared than over a term, with the caution that they scatter. */
    private const FEWEST = 3;

    /** By station there is one tray, and all of a class come with one delivery: their totals are compared over many classes only. */
    private const FACTORS = [Factor::Wave, Factor::Scale, Factor::Assessor, Factor::Tag];

    public function __construct(private GradeClass $grading, private PractisedStandards $standards, private ReadLostByPart $lost) {}

    public function of(Assessment $assessment): ClassLook
    {
        $assessment->load('group', 'held.standard');
        $attempts = Attempt::doneOf($assessment);
        $earlier = Assessment::query()->where('is_rehearsal', false)->heldBefore($assessment, $assessment->held->standard->key)->latest('held_on')->limit(self::EARLIER)->get();

        $class = $attempts->isEmpty() ? null : $this->grading->grade($assessment, $attempts);
        $trays = $class === null ? [] : GradedTray::allOf($assessment, $class, $attempts);

        return new ClassLook(
            $assessment,
            $this->standards->of($assessment->held->standard->latest()),
            $class === null ? [] : MostLost::all($class->standard, array_values(array_map(static fn(GradedTray $it): Node => $it->result, $trays))),
            $trays === [] ? [] : $this->lost->of($assessment, $trays),
            self::parts($trays),
            $class === null ? [] : self::components($class, $attempts, $earlier),
            self::totalsOf($assessment),
            array_values(array_filter(array_map(static fn(Assessment $it): ?array => ($totals = self::totalsOf($it)) === [] ? null : [$it, $totals], $earlier->all()))),
        );
    }

    /**
     * The trays of one wave, one scale, one assessor, one box beside the others of the class.
     *
     * @param array<string, GradedTray> $trays
     *
     * @return list<Difference>
     */
    private static function parts(array $trays): array
    {
        $fairness = new Fairness(array_values(array_map(static fn(GradedTray $it): FactorTray => $it->factors, $trays)), self::FEWEST);
        $parts = array_map(static fn(Factor $factor): array => array_filter($fairness->differences($factor), static fn(Difference $it): bool => $factor->isPart($it->trays)), self::FACTORS);

        return array_merge(...$parts);
    }

    /**
     * @param Collection<int, Attempt>    $attempts
     * @param Collection<int, Assessment> $earlier
     *
     * @return list<ComponentLook> in the order of the policy; what was scored in no tray is left out
     */
    private static function components(GradedClass $class, Collection $attempts, Collection $earlier): array
    {
        $before = self::scoresOf(self::rowsOf($earlier));
        $now = self::scoresOf($attempts->map(static fn(Attempt $it): ResultRow => $it->row)->all());
        $looks = array_map(static fn(Component $it): ?ComponentLook => isset($now[$it->id()]) ? new ComponentLook($it->title(), $now[$it->id()], $before[$it->id()] ?? []) : null, $class->policy->components);

        return array_values(array_filter($looks));
    }

    /**
     * @param iterable<ResultRow> $rows
     *
     * @return array<string, list<float>> by component, the lowest first
     */
    private static function scoresOf(iterable $rows): array
    {
        $scores = [];
        foreach ($rows as $row) {
            foreach (get_object_vars($row->scores) as $component => $score) {
                if (is_int($score) || is_float($score)) {
                    $scores[(string) $component][] = (float) $score;
                }
            }
        }

        return array_map(static function (array $of): array {
            sort($of);

            return $of;
        }, $scores);
    }

    /**
     * @param Collection<int, Assessment> $assessments
     *
     * @return list<ResultRow> that are done, and that nobody marks a second time just now
     */
    private static function rowsOf(Collection $assessments): array
    {
        return array_values(ResultRow::query()->whereIn('assessment_id', $assessments->modelKeys())->where('status', Status::Final)->whereRaw("second_open::text = '[]'")->get()->all());
    }

    /** @return list<float> the lowest first */
    private static function totalsOf(Assessment $assessment): array
    {
        $rows = ResultRow::query()->where('assessment_id', $assessment->id)->where('status', Status::Final)->whereNotNull('total')->whereRaw("second_open::text = '[]'")->orderBy('total')->get();

        return array_values($rows->map(static fn(ResultRow $it): float => $it->total ?? 0.0)->all());
    }
}
