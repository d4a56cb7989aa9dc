<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\ResultRow;
use DeftBlade\Core\Grading\Status;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Package\ResultDocument;
use DeftBlade\Core\Practice\MostLost;
use DeftBlade\Core\Trends\Factor;
use DeftBlade\Core\Trends\Fairness;
use Illuminate\Database\Eloquent\Collection;

/** Reads a class to look back on: of the trays whose result is done, and which nobody marks a second time just now. */
final readonly class ReadClassLook
{
    private const EARLIER = 5;

    /** By station there is one tray, and all of a class come with one delivery: those are seen over many classes only. */
    private const FACTORS = [Factor::Wave, Factor::Scale, Factor::Assessor];

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
            $class === null ? [] : self::components($class, $attempts),
            self::totalsOf($assessment),
            array_values(array_filter(array_map(static fn(Assessment $it): ?array => ($totals = self::totalsOf($it)) === [] ? null : [$it, $totals], $earlier->all()))),
        );
    }

    /**
     * The trays of one wave, one scale, one assessor beside the others of the class, with what they lost most at.
     *
     * @param Collection<int, Attempt> $attempts
     *
     * @return list<ClassPart>
     */
    private function parts(Assessment $assessment, GradedClass $class, Collection $attempts): array
    {
        $trays = array_values($attempts->map(static fn(Attempt $it): MarkedTray => new MarkedTray($it->row, $assessment, $it->student_id, null, $class->held))->all());
        $factors = ReadFairness::factors($trays);
        $fairness = new Fairness(array_values($factors));
        $parts = [];
        foreach (self::FACTORS as $factor) {
            foreach ($fairness->differences($factor) as $difference) {
                $of = $attempts->filter(static fn(Attempt $it): bool => isset($factors[$it->id]) && $factors[$it->id]->has($factor, $difference->value));
                $parts[] = new ClassPart($difference, self::mostLost($class, $of)[0] ?? null);
            }
        }

        return $parts;
    }

    /**
     * @param Collection<int, Attempt> $attempts
     *
     * @return array<string, non-empty-list<float>> scores by title of the component, the lowest first
     */
    private static function components(GradedClass $class, Collection $attempts): array
    {
        $scores = [];
        foreach ($attempts as $attempt) {
            foreach ($class->of($attempt->id)->scores as $it) {
                if ($it->score !== null) {
                    $scores[$it->component->title()][] = $it->score;
                }
            }
        }

        return array_map(static function (array $of): array {
            sort($of);

            return $of;
        }, $scores);
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
