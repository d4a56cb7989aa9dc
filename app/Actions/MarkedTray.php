<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use App\Models\ResultRow;
use App\School\HeldStandard;
use DeftBlade\Core\Balance\BalanceState;
use DeftBlade\Core\Grading\Verdict;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Trends\Factor;
use DeftBlade\Core\Trends\FactorTray;
use DeftBlade\Core\Trends\JudgedTray;
use DeftBlade\Core\Trends\WeighedCarcass;

/** One tray that is marked to the end, as the look back sees it. */
final readonly class MarkedTray
{
    /** @param string|null $supplier of the delivery its carcass came with, where one is written down */
    public function __construct(public ResultRow $row, public Assessment $class, public string $student, public ?string $supplier, public HeldStandard $held) {}

    /**
     * What the standard as it is today is looked at by: only what was judged by the same steps, and weighed against the same windows.
     *
     * @param list<self> $trays
     *
     * @return list<JudgedTray>
     */
    public static function judgedBy(Standard $today, array $trays): array
    {
        $same = [];
        foreach ($trays as $it) {
            $same[spl_object_id($it->held)] ??= SameMeasure::between($it->held->standard, $today);
        }

        return array_map(static fn(self $it): JudgedTray => $it->judged($today, $same[spl_object_id($it->held)]), $trays);
    }

    private function judged(Standard $today, SameMeasure $same): JudgedTray
    {
        $points = $levels = $within = [];
        foreach (get_object_vars($this->row->points) as $criterion => $it) {
            $points += (is_int($it) || is_float($it)) && isset($same->criteria[$criterion]) ? [(string) $criterion => (float) $it] : [];
        }
        foreach (get_object_vars($this->row->levels) as $criterion => $it) {
            $levels += isset($same->criteria[$criterion]) ? [(string) $criterion => array_values(array_filter((array) $it, is_int(...)))] : [];
        }
        foreach (get_object_vars($this->row->verdicts) as $piece => $verdict) {
            if (in_array($verdict, [Verdict::Within->value, Verdict::Allowed->value, Verdict::Under->value, Verdict::Over->value], true)) {
                $within[(string) $piece] = in_array($verdict, [Verdict::Within->value, Verdict::Allowed->value], true);
            }
        }
        $standardMs = $today->time?->times($this->row->time_factor)->standardMs;

        return new JudgedTray(
            $points,
            $levels,
            array_intersect_key($within, $same->windows),
            $standardMs === null || $this->row->worked_s === 0 ? null : $this->row->worked_s * 1_000 / $standardMs,
        );
    }

    /** @param array<string, string> $names of people, by id */
    public function factors(array $names): ?FactorTray
    {
        if ($this->row->total === null) {
            return null;
        }
        $values = array_map(static fn(?string $it): array => $it === null || $it === '' ? [] : [$it], [
            Factor::ExtraTime->value => $this->row->time_factor > 1 ? 'extra' : 'usual',
            Factor::Station->value => (string) $this->row->station,
            Factor::Wave->value => $this->class->waves === null ? null : (string) $this->class->waveOf($this->row->station),
            Factor::Scale->value => $this->row->weighed_at,
            Factor::Delivery->value => $this->supplier,
            Factor::Tag->value => $this->row->tag,
        ]);
        $judgedBy = array_values(array_filter(array_map(static fn(string $it): ?string => $names[$it] ?? null, $this->row->judged_by)));

        return new FactorTray($this->class->id, $this->row->total, [Factor::Assessor->value => $judgedBy] + $values, $this->row->delivered_mg, self::masses($this->row->masses));
    }

    /** By the policy it was marked by. */
    public function passed(): bool
    {
        return $this->row->band !== null && $this->held->policy->passes($this->row->band);
    }

    /** Its shares; null of a tray whose weights do not add up, which would tell of the weighing and not of the carcass. */
    public function weighed(): ?WeighedCarcass
    {
        return $this->row->balance === BalanceState::Balanced && $this->row->delivered_mg > 0 ? WeighedCarcass::of($this->row->delivered_mg, self::masses($this->row->masses), self::masses($this->row->bins)) : null;
    }

    /** @return array<string, int> mg by piece or container */
    public static function masses(\stdClass $of): array
    {
        $masses = [];
        foreach (get_object_vars($of) as $id => $mg) {
            $masses += is_int($mg) ? [(string) $id => $mg] : [];
        }

        return $masses;
    }
}
