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
use Illuminate\Database\Eloquent\Collection;

/** Reads a class to look back on: of the trays whose result is done, and which nobody marks a second time just now. */
final readonly class ReadClassLook
{
    private const EARLIER = 5;

    public function __construct(private GradeClass $grading, private PractisedStandards $standards) {}

    public function of(Assessment $assessment): ClassLook
    {
        $assessment->load('group', 'held.standard');
        $attempts = Attempt::query()->with('captures')->where('assessment_id', $assessment->id)->get()
            ->filter(static fn(Attempt $it): bool => $it->row->status === Status::Final && $it->row->second_open === []);
        $earlier = Assessment::query()->where('is_rehearsal', false)->heldBefore($assessment, $assessment->held->standard->key)->latest('held_on')->limit(self::EARLIER)->get();

        return new ClassLook(
            $assessment,
            $this->standards->of($assessment->held->standard->latest()),
            $attempts->isEmpty() ? [] : $this->mostLost($assessment, $attempts),
            self::totalsOf($assessment),
            array_values(array_filter(array_map(static fn(Assessment $it): ?array => ($totals = self::totalsOf($it)) === [] ? null : [$it, $totals], $earlier->all()))),
        );
    }

    /**
     * @param Collection<int, Attempt> $attempts at least one
     *
     * @return list<MostLost>
     */
    private function mostLost(Assessment $assessment, Collection $attempts): array
    {
        $class = $this->grading->grade($assessment, $attempts);

        return MostLost::among($class->standard, array_values($attempts->map(static fn(Attempt $it): Node => Node::decode(json_encode($class->document($it->id), ResultDocument::JSON_FLAGS)))->all()));
    }

    /** @return list<float> the lowest first */
    private static function totalsOf(Assessment $assessment): array
    {
        $rows = ResultRow::query()->where('assessment_id', $assessment->id)->where('status', Status::Final)->whereNotNull('total')->whereRaw("second_open::text = '[]'")->orderBy('total')->get();

        return array_values($rows->map(static fn(ResultRow $it): float => $it->total ?? 0.0)->all());
    }
}
