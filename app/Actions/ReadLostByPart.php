<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\Delivery;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Practice\MostLost;
use DeftBlade\Core\Trends\Factor;

/** Reads what the trays of a class lost points at, station by station, wave by wave, and so on; by delivery beside earlier classes, since a class comes with one. */
final readonly class ReadLostByPart
{
    private const WITHIN = [Factor::Station, Factor::Wave, Factor::Scale, Factor::Assessor, Factor::Tag];

    private const OTHER_SUPPLIERS = 3;

    /** How far back the birds of another supplier are looked for. */
    private const EARLIER = 40;

    public function __construct(private GradeClass $grading) {}

    /**
     * @param non-empty-array<string, GradedTray> $trays of the class, by attempt
     *
     * @return list<LostColumn> of each factor at least two, or none
     */
    public function of(Assessment $assessment, array $trays): array
    {
        $columns = array_merge(...array_map(static fn(Factor $it): array => self::within($it, $trays), self::WITHIN));

        return [...$columns, ...$this->byDelivery($assessment, $trays)];
    }

    /**
     * @param array<string, GradedTray> $trays
     *
     * @return list<LostColumn>
     */
    private static function within(Factor $factor, array $trays): array
    {
        $groups = [];
        foreach ($trays as $it) {
            foreach ($it->factors->values[$factor->value] ?? [] as $value) {
                $groups[$value][] = $it;
            }
        }
        ksort($groups, SORT_NATURAL);
        $groups = array_filter($groups, static fn(array $of): bool => $factor->isPart(count($of)));

        return count($groups) < 2 ? [] : array_map(static fn(string|int $value, array $of): LostColumn => self::column($factor, (string) $value, null, $of), array_keys($groups), $groups);
    }

    /**
     * @param non-empty-array<string, GradedTray> $trays
     *
     * @return list<LostColumn> the class, and for each other supplier the latest earlier class held against the same version of the standard
     */
    private function byDelivery(Assessment $assessment, array $trays): array
    {
        $earlier = Assessment::query()->with('held:id,seq,assessment_id,published_standard_id,published_policy_id,sha256')->where('is_rehearsal', false)->heldBefore($assessment, $assessment->held->standard->key)->latest('held_on')->limit(self::EARLIER)->get()
            ->filter(static fn(Assessment $it): bool => $it->held->sha256 === $assessment->held->sha256);
        $suppliers = Delivery::suppliersOf([$assessment->id, ...$earlier->modelKeys()]);
        $own = $suppliers[$assessment->id] ?? null;
        $others = $earlier->filter(static fn(Assessment $it): bool => isset($suppliers[$it->id]) && $suppliers[$it->id] !== $own)->unique(static fn(Assessment $it): string => $suppliers[$it->id])->take(self::OTHER_SUPPLIERS);
        $columns = [];
        foreach (Assessment::query()->findMany($own === null ? [] : $others->modelKeys())->sortByDesc('held_on') as $class) {
            $attempts = Attempt::doneOf($class);
            $of = $attempts->isEmpty() ? [] : GradedTray::allOf($class, $this->grading->grade($class, $attempts), $attempts);
            if ($of !== []) {
                $columns[] = self::column(Factor::Delivery, $suppliers[$class->id], $class, $of);
            }
        }

        return $own === null || $columns === [] ? [] : [self::column(Factor::Delivery, $own, null, $trays), ...$columns];
    }

    /** @param non-empty-array<array-key, GradedTray> $of */
    private static function column(Factor $factor, string $value, ?Assessment $earlier, array $of): LostColumn
    {
        $lost = MostLost::all(array_values($of)[0]->standard, array_values(array_map(static fn(GradedTray $it): Node => $it->result, $of)));

        return new LostColumn($factor, $value, $earlier?->held_on, count($of), array_combine(array_map(static fn(MostLost $it): string => $it->title, $lost), $lost));
    }
}
