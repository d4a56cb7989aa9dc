<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\ResultRow;
use DeftBlade\Core\Grading\Component;
use DeftBlade\Core\Grading\Status;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Package\ResultDocument;
use DeftBlade\Core\Practice\MostLost;
use DeftBlade\Core\Trends\Difference;
use DeftBlade\Core\Trends\Factor;
use DeftBlade\Core\Trends\Fairness;
use Illuminate\Database\Eloquent\Collection;

/** Reads a class to look back on: of the trays whose result is done, and which nobody marks a second time just now. */
final readonly class ReadClassLook
{
    private const EARLIER = 5;

    /** Who looks at a class knows whose tray is whose: fewer are compared than over a term, with the caution that they scatter. */
    private const FEWEST = 3;

    /** By station there is one tray, and all of a class come with one delivery: those are seen over many classes only. */
    private const FACTORS = [Factor::Wave, Factor::Scale, Factor::Assessor, Factor::Tag];

    public function __construct(private GradeClass $grading, private PractisedStandards $standards) {}

    public function of(Assessment $assessment): ClassLook
    {
        $assessment->load('group', 'held.standard');
        $attempts = Attempt::query()->with('captures')->where('assessment_id', $assessment->id)->get()
            ->filter(static fn(Attempt $it): bool => $it->row->status === Status::Final && $it->row->second_open === []);
        $earlier = Assessment::query()->where('is_rehearsal', false)->heldBefore($assessment, $assessment->held->standard->key)->latest('held_on')->limit(self::EARLIER)->get();

        $class = $attempts->isEmpty() ? null : $this->grading->grade($assessment, $attempts);

        return new ClassLook(
            $assessment,
            $this->standards->of($assessment->held->standard->latest()),
            $class === null ? [] : self::mostLost($class, $attempts),
            $class === null ? [] : $this->parts($assessment, $class, $attempts),
            $class === null ? [] : self::components($class, $attempts, $earlier),
            self::totalsOf($assessment),
            array_values(array_filter(array_map(static fn(Assessment $it): ?array => ($totals = self::totalsOf($it)) === [] ? null : [$it, $totals], $earlier->all()))),
        );
    }

    /**
     * The trays of one wave, one scale, one assessor, one box beside the others of the class, with what they lost most at.
     *
     * @param Collection<int, Attempt> $attempts
     *
     * @return list<ClassPart>
     */
    private function parts(Assessment $assessment, GradedClass $class, Collection $attempts): array
    {
        $trays = array_values($attempts->map(static fn(Attempt $it): MarkedTray => new MarkedTray($it->row, $assessment, $it->student_id, null, $class->held))->all());
        $factors = ReadFairness::factors($trays);
        $fairness = new Fairness(array_values($factors), self::FEWEST);
        $parts = [];
        foreach (self::FACTORS as $factor) {
            // A tag that one carcass has is that carcass; one that several have is a box.
            foreach (array_filter($fairness->differences($factor), static fn(Difference $it): bool => $factor !== Factor::Tag || $it->trays > 1) as $difference) {
                $of = $attempts->filter(static fn(Attempt $it): bool => isset($factors[$it->id]) && $factors[$it->id]->has($factor, $difference->value));
                $parts[] = new ClassPart($difference, self::mostLost($class, $of)[0] ?? null);
            }
        }

        return $parts;
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

    /**
     * @param Collection<int, Attempt> $attempts at least one
     *
     * @return list<MostLost>
     */
    private static function mostLost(GradedClass $class, Collection $attempts): array
    {
        return MostLost::among($class->standard, array_values($attempts->map(static fn(Attempt $it): Node => Node::decode(json_encode($class->document($it->id), ResultDocument::JSON_FLAGS)))->all()));
    }

    /** @return list<float> the lowest first */
    private static function totalsOf(Assessment $assessment): array
    {
        $rows = ResultRow::query()->where('assessment_id', $assessment->id)->where('status', Status::Final)->whereNotNull('total')->whereRaw("second_open::text = '[]'")->orderBy('total')->get();

        return array_values($rows->map(static fn(ResultRow $it): float => $it->total ?? 0.0)->all());
    }
}
