<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\Delivery;
use App\Models\HeldDocuments;
use App\Models\ResultRow;
use App\School\HeldStandards;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Grading\Status;
use Illuminate\Database\Eloquent\Collection as EloquentCollection;
use Illuminate\Support\Collection;

/** Reads the trays by one standard that are marked to the end, in whichever version of it, from the rows that are kept of results. A tray that somebody marks a second time just now is left out. */
final readonly class MarkedTrays
{
    public function __construct(private ReadTrends $trends, private HeldStandards $standards) {}

    /** @return list<MarkedTray> class by class, the first first */
    public function of(string $standardKey): array
    {
        return $this->in($this->trends->assessmentsBy($standardKey));
    }

    /** @return list<MarkedTray> by any standard, class by class, the first first */
    public function between(CarbonImmutable $from, CarbonImmutable $to): array
    {
        return $this->in($this->trends->assessmentsBetween($from, $to));
    }

    /**
     * @param EloquentCollection<int, Assessment> $assessments
     *
     * @return list<MarkedTray>
     */
    private function in(EloquentCollection $assessments): array
    {
        $classes = $assessments->keyBy('id');
        $rows = ResultRow::query()->whereIn('assessment_id', $classes->keys())->where('status', Status::Final)->whereRaw("second_open::text = '[]'")->orderBy('assessment_id')->orderBy('station')->get()->groupBy('assessment_id');
        $students = Attempt::query()->without('row')->whereIn('assessment_id', $classes->keys())->get(['id', 'student_id'])->mapWithKeys(static fn(Attempt $it): array => [$it->id => $it->student_id]);
        $held = $this->held($classes->map(static fn(Assessment $it): HeldDocuments => $it->held));
        $suppliers = Delivery::suppliersOf(array_values($classes->keys()->all()));
        $trays = [];
        foreach ($classes as $class) {
            foreach ($rows->get($class->id) ?? [] as $row) {
                $trays[] = new MarkedTray($row, $class, $students[$row->attempt_id] ?? '', $suppliers[$class->id] ?? null, $held[self::heldKey($class->held)]);
            }
        }

        return $trays;
    }

    /**
     * @param Collection<array-key, HeldDocuments> $helds without their documents
     *
     * @return array<string, \App\School\HeldStandard> each read once
     */
    private function held(Collection $helds): array
    {
        $unique = $helds->unique(self::heldKey(...));

        return $unique->mapWithKeys(fn(HeldDocuments $it): array => [self::heldKey($it) => $this->standards->of(HeldDocuments::query()->with('policy')->findOrFail($it->id))])->all();
    }

    private static function heldKey(HeldDocuments $held): string
    {
        return "$held->sha256 $held->published_policy_id";
    }
}
