<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use App\Models\HeldDocuments;
use App\Models\ResultRow;
use App\School\School;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Grading\Status;
use DeftBlade\Core\Trends\Measure;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;

/** The classes of a school as they follow each other, from the results projection; rehearsals and what was cancelled left out. */
final readonly class ReadTrends
{
    /** Without the documents, which are large. */
    private const HELD = ['held:id,seq,assessment_id,published_standard_id,published_policy_id,sha256', 'held.standard:id,key,version'];

    /** Of trays whose grading is done, and of what was weighed at all. */
    private const MEANS = [
        Measure::Total->value => 'avg(total)',
        Measure::PortionYield->value => 'avg(portion_yield)',
        Measure::Loss->value => 'avg(loss)',
        Measure::Scrape->value => 'avg(scrape_mg)',
        Measure::Time->value => 'avg(nullif(worked_s, 0) * 1000.0)',
    ];

    public function __construct(private School $school) {}

    /** @return array<string, int> how many classes there were by each standard, by its key */
    public function counts(): array
    {
        $counts = [];
        foreach ($this->held()->with(self::HELD)->get() as $it) {
            $key = $it->held->standard->key;
            $counts[$key] = ($counts[$key] ?? 0) + 1;
        }
        arsort($counts);

        return $counts;
    }

    /** @return list<ClassPoint> by one standard, in whichever version of it, the first first */
    public function classesOf(string $standardKey): array
    {
        $assessments = $this->assessmentsBy($standardKey);
        $columns = array_map(static fn(string $measure, string $mean): string => "$mean as $measure", array_map(static fn(string $it): string => "mean_$it", array_keys(self::MEANS)), array_values(self::MEANS));
        $rows = ResultRow::query()->toBase()->selectRaw('assessment_id, count(*) as trays, '.implode(', ', $columns))
            ->whereIn('assessment_id', $assessments->pluck('id'))->where('status', Status::Final)->whereRaw("second_open::text = '[]'")->groupBy('assessment_id')->get()->keyBy('assessment_id')->all();
        $points = [];
        foreach ($assessments as $it) {
            if (isset($rows[$it->id])) {
                $points[] = self::point($it, $rows[$it->id]);
            }
        }

        return $points;
    }

    /** @return Collection<int, Assessment> by one standard, the first first, with their groups and what they were held against, without its document */
    public function assessmentsBy(string $standardKey): Collection
    {
        return $this->held()->with(['group', ...self::HELD])->whereExists(self::heldBy($standardKey))->orderBy('held_on')->orderBy('id')->get()
            ->filter(static fn(Assessment $it): bool => $it->held->standard->key === $standardKey);
    }

    /** @return Collection<int, Assessment> of some days, the first first, as above */
    public function assessmentsBetween(CarbonImmutable $from, CarbonImmutable $to): Collection
    {
        return $this->held()->with(['group', ...self::HELD])->whereBetween('held_on', [$from->toDateString(), $to->toDateString()])->orderBy('held_on')->orderBy('id')->get();
    }

    private static function point(Assessment $assessment, \stdClass $row): ClassPoint
    {
        $means = [];
        foreach (Measure::cases() as $measure) {
            $mean = $row->{"mean_$measure->value"} ?? null;
            $means[$measure->value] = is_numeric($mean) ? (float) $mean : null;
        }

        return new ClassPoint($assessment, is_numeric($row->trays) ? (int) $row->trays : 0, $means);
    }

    /** @return Builder<Assessment> that were held, with a result that is done */
    private function held(): Builder
    {
        return Assessment::query()->whereNull('cancelled')->where('is_rehearsal', false)->where('held_on', '<=', $this->school->today()->toDateString())
            ->whereExists(ResultRow::query()->selectRaw('1')->whereColumn('results.assessment_id', 'assessments.id')->where('status', Status::Final));
    }

    /** @return Builder<HeldDocuments> */
    private static function heldBy(string $standardKey): Builder
    {
        return HeldDocuments::query()->selectRaw('1')->join('published_standards', 'published_standards.id', '=', 'published_standard_id')
            ->whereColumn('held_documents.assessment_id', 'assessments.id')->where('published_standards.key', $standardKey);
    }
}
