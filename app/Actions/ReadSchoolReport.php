<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Appeal;
use App\Models\AppealEntry;
use App\Models\AppealOutcome;
use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\Capture;
use App\Models\Release;
use App\Models\ResultRow;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Balance\BalanceState;
use DeftBlade\Core\Capture\CaptureKind;
use DeftBlade\Core\Capture\CarcassLooked;
use DeftBlade\Core\Capture\IncidentKind;
use DeftBlade\Core\Capture\Withdrawals;
use DeftBlade\Core\Statistics\Moments;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;

/** Reads what a school did over some days: its results from the rows its class sheets are drawn from, its money from the ledger. */
final readonly class ReadSchoolReport
{
    public function __construct(private MarkedTrays $trays, private ReadTrends $trends, private ReadCosts $costs, private ReadAgreement $agreement, private ReadTables $tables) {}

    public function between(CarbonImmutable $from, CarbonImmutable $to): SchoolReport
    {
        $trays = $this->trays->between($from, $to);
        $costed = $this->costs->between($from, $to);
        $attempts = Attempt::query()->without('row')->whereIn('assessment_id', $this->trends->assessmentsBetween($from, $to)->modelKeys())->pluck('id');
        $facts = self::holding(Capture::query()->whereIn('attempt_id', self::anyBetween($from, $to))->whereIn('kind', [CaptureKind::Look, CaptureKind::Incident, CaptureKind::Refused, CaptureKind::Void])->orderBy('seq')->get());
        $kinds = array_column(IncidentKind::cases(), 'value');
        $incidents = $facts->where('kind', CaptureKind::Incident->value)->countBy(static fn(Capture $it): string => is_string($it->payload->what ?? null) ? $it->payload->what : IncidentKind::Other->value)->all();
        $appeals = Appeal::query()->with('entries')->whereIn('attempt_id', $attempts)->get();

        return new SchoolReport(
            self::standards($trays),
            self::bands($trays),
            count(array_unique(array_map(static fn(MarkedTray $it): string => $it->student, $trays))),
            TermCosts::of($costed)->total(),
            count(array_filter($costed, static fn(CostedClass $it): bool => $it->cost === null)),
            $this->agreement->between($from, $to),
            array_filter(array_map(static fn(string $it): int => $incidents[$it] ?? 0, array_combine($kinds, $kinds))),
            $facts->where('kind', CaptureKind::Look->value)->filter(static fn(Capture $it): bool => is_numeric($it->payload->core_c ?? null) && $it->payload->core_c > CarcassLooked::WARMEST_C)->count(),
            count(array_filter($trays, fn(MarkedTray $it): bool => $it->row->out_ms > $this->tables->coldLimitOf($it->held->standard->species))),
            $facts->where('kind', CaptureKind::Refused->value)->count(),
            $facts->where('kind', CaptureKind::Void->value)->whereIn('attempt_id', $attempts)->whereNotIn('attempt_id', self::markedAgain())->count(),
            Release::query()->whereIn('attempt_id', $attempts)->where('version', '>', 1)->count(),
            $appeals->count(),
            $appeals->filter(self::isUpheld(...))->count(),
        );
    }

    /** @return Builder<Attempt> ids; at rehearsals and practicals that were broken off too: who was cut there was cut */
    private static function anyBetween(CarbonImmutable $from, CarbonImmutable $to): Builder
    {
        return Attempt::query()->without('row')->select('id')->whereIn('assessment_id', Assessment::query()->select('id')->whereBetween('held_on', [$from->toDateString(), $to->toDateString()]));
    }

    /** @return list<string> trays that somebody marks a second time just now: what the first assessor takes back there is told to nobody */
    private static function markedAgain(): array
    {
        return array_values(ResultRow::query()->whereRaw("second_open::text <> '[]'")->get('attempt_id')->map(static fn(ResultRow $it): string => $it->attempt_id)->all());
    }

    private static function isUpheld(Appeal $appeal): bool
    {
        $upheld = [AppealOutcome::Upheld->value, AppealOutcome::Partly->value];
        $decisions = array_map($appeal->decisionOf(...), array_keys($appeal->lines));

        return array_filter($decisions, static fn(?AppealEntry $it): bool => in_array($it->payload->outcome ?? null, $upheld, true)) !== [];
    }

    /**
     * @param Collection<int, Capture> $captures with all withdrawals among them
     *
     * @return Collection<int, Capture> what was not withdrawn, or whose withdrawal was
     */
    private static function holding(Collection $captures): Collection
    {
        $voids = $captures->where('kind', CaptureKind::Void->value);
        $withdrawals = Withdrawals::of($voids->mapWithKeys(static fn(Capture $it): array => [$it->id => is_string($it->payload->target ?? null) ? $it->payload->target : ''])->all());

        return $captures->filter(static fn(Capture $it): bool => ! $withdrawals->takeOut($it->id));
    }

    /**
     * @param list<MarkedTray> $trays
     *
     * @return list<ReportedStandard> by title
     */
    private static function standards(array $trays): array
    {
        $by = [];
        foreach ($trays as $it) {
            $by[$it->held->standard->title][] = $it;
        }
        ksort($by, SORT_NATURAL);
        $mean = static fn(array $values): ?float => Moments::of(array_values(array_filter($values, is_float(...))))->mean();

        return array_map(static function (array $of, string $title) use ($mean): ReportedStandard {
            $weighed = array_filter($of, static fn(MarkedTray $it): bool => $it->row->balance !== BalanceState::Open);

            return new ReportedStandard(
                $title,
                count(array_unique(array_map(static fn(MarkedTray $it): string => $it->class->id, $of))),
                count($of),
                count(array_filter($of, static fn(MarkedTray $it): bool => $it->passed())),
                $mean(array_map(static fn(MarkedTray $it): ?float => $it->row->total, $of)),
                $mean(array_map(static fn(MarkedTray $it): ?float => $it->row->portion_yield, $of)),
                array_sum(array_map(static fn(MarkedTray $it): int => $it->row->delivered_mg, $weighed)),
                array_sum(array_map(static fn(MarkedTray $it): int => $it->row->waste_mg, $weighed)),
            );
        }, $by, array_map(strval(...), array_keys($by)));
    }

    /**
     * @param list<MarkedTray> $trays
     *
     * @return array<string, int> the highest first
     */
    private static function bands(array $trays): array
    {
        $counts = $order = [];
        foreach ($trays as $it) {
            foreach ($it->held->policy->bands as $band) {
                $order[$band->label] = max($order[$band->label] ?? 0.0, $band->min);
            }
            $counts[(string) $it->row->band] = ($counts[(string) $it->row->band] ?? 0) + 1;
        }
        arsort($order);

        return array_map(static fn(string $it): int => $counts[$it] ?? 0, array_combine(array_map(strval(...), array_keys($order)), array_map(strval(...), array_keys($order))));
    }
}
