<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\LotRow;
use App\Models\NeedRow;
use App\School\School;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Lots\Allotment;
use DeftBlade\Core\Lots\Need;
use DeftBlade\Core\Lots\NeedMet;
use DeftBlade\Core\Lots\ProductName;
use DeftBlade\Core\Lots\Stored;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** What the coming days need, matched to what is on hand: first expired, first out. */
final readonly class ReadNeeds
{
    /** A lot that must be gone within so many days, and that nobody has asked for, is told. */
    private const SOON_DAYS = 2;

    private const AHEAD_DAYS = 14;

    private const MOST_LOTS = 2_000;

    private const LAST_LOTS = 5;

    private CarbonImmutable $today;

    public function __construct(School $school, private ReadServing $serving, private ReadComing $coming)
    {
        $this->today = $school->today();
    }

    public function ahead(): NeedsAhead
    {
        $rows = $this->rows();
        $until = $this->today->addDays(self::AHEAD_DAYS);

        return $this->matched($rows, $this->coming->until($until->max($rows->last()->needed_on ?? $until)));
    }

    /** @return list<LotShare> lots that must be gone soon, and what nobody has asked for of them */
    public function spare(): array
    {
        return $this->matched($this->rows(), [])->spare;
    }

    /**
     * @param Collection<int, NeedRow> $rows
     * @param list<ComingSupply>       $coming
     */
    private function matched(Collection $rows, array $coming): NeedsAhead
    {
        $lots = $this->lots($rows);
        $served = self::served($rows);
        $wanted = $needs = [];
        foreach ($rows as $row) {
            $wanted[$row->id] = $row->mass_mg ?? $this->ofPieces($row, $coming);
            $needs[] = new Need($row->id, $row->name(), $row->needed_on, max(0, ($wanted[$row->id] ?? 0) - ($served[$row->id] ?? 0)));
        }
        $allotment = Allotment::of($needs, array_values($lots->map(static fn(LotRow $it): Stored => new Stored($it->id, $it->name(), $it->on_hand_mg, $it->use_by))->all()));
        $ahead = array_map(static fn(NeedMet $it): NeedAhead => new NeedAhead(
            $rows->firstOrFail('id', $it->need->id),
            $wanted[$it->need->id],
            $served[$it->need->id] ?? 0,
            $wanted[$it->need->id] === null ? null : $it->shortMg,
            array_map(static fn(string $lot, int $mass): LotShare => new LotShare($lots->firstOrFail('id', $lot), $mass), array_keys($it->takenMg), $it->takenMg),
            array_values(array_filter($coming, static fn(ComingSupply $supply): bool => $supply->of->isSame($it->need->of) && $supply->assessment->held_on <= $it->need->on)),
        ), $allotment->needs);
        $soon = $this->today->addDays(self::SOON_DAYS);
        $spare = array_filter($allotment->left, static fn(Stored $it): bool => $it->useBy !== null && $it->useBy <= $soon);

        return new NeedsAhead($ahead, array_map(static fn(Stored $it): LotShare => new LotShare($lots->firstOrFail('id', $it->lot), $it->massMg), array_values($spare)), self::products($lots, $coming));
    }

    /** @return Collection<int, NeedRow> of today and later, the next first */
    private function rows(): Collection
    {
        return NeedRow::query()->where('needed_on', '>=', $this->today->toDateString())->orderBy('needed_on')->orderBy('id')->get();
    }

    /**
     * What may be used and is asked for or must go soon, with everything else of the first shelves.
     *
     * @param Collection<int, NeedRow> $rows
     *
     * @return Collection<int, LotRow>
     */
    private function lots(Collection $rows): Collection
    {
        $lots = LotRow::query()->where('on_hand_mg', '>', 0)->where('is_off', false)
            ->where(fn($it) => $it->whereNull('use_by')->orWhere('use_by', '>=', $this->today->toDateString()))
            ->orderByRaw('product = ANY (?::varchar[]) DESC', ['{'.$rows->map(static fn(NeedRow $it): string => json_encode($it->product, JSON_THROW_ON_ERROR))->unique()->implode(',').'}'])
            ->orderBy('use_by')->orderBy('id')->limit(self::MOST_LOTS)->get();

        return $lots->reject(static fn(LotRow $it): bool => $it->isBarred())->values();
    }

    /**
     * What so many pieces weigh: as those of the last lots did, also of such as are used up, else as those to come should; null where neither is known.
     *
     * @param list<ComingSupply> $coming
     */
    private function ofPieces(NeedRow $row, array $coming): ?int
    {
        $last = LotRow::query()->where('species', $row->species)->where('product', $row->product)->where('title', $row->title)->where('is_off', false)->latest('made_on')->orderBy('id')->limit(self::LAST_LOTS)->get();
        $piece = $this->serving->pieceMg($last);
        foreach ($piece === null ? $coming : [] as $supply) {
            $piece ??= $supply->of->isSame($row->name()) ? $supply->pieceMg() : null;
        }

        return $piece === null ? null : $piece * (int) $row->pieces;
    }

    /**
     * @param Collection<int, NeedRow> $rows
     *
     * @return array<string, int> mg that were taken out for it, by need
     */
    private static function served(Collection $rows): array
    {
        $isVoid = DB::table('lot_facts', 'voids')->selectRaw('1')->where('voids.kind', 'void')->whereRaw("voids.payload->>'target' = moves.id::text");
        $moves = DB::table('lot_facts', 'moves')->where('kind', 'move')->whereIn(DB::raw("payload->>'need'"), $rows->modelKeys())->whereNotExists($isVoid)
            ->groupByRaw("payload->>'need'")->selectRaw("payload->>'need' AS need, sum((payload->>'mass_mg')::bigint) AS mg")->pluck('mg', 'need');
        $served = [];
        foreach ($moves as $need => $mg) {
            $served[(string) $need] = is_numeric($mg) ? (int) $mg : 0;
        }

        return $served;
    }

    /**
     * @param Collection<int, LotRow> $lots
     * @param list<ComingSupply>      $coming
     *
     * @return list<ProductName> each once
     */
    private static function products(Collection $lots, array $coming): array
    {
        $names = [...$lots->map(static fn(LotRow $it): ProductName => $it->name())->all(), ...array_map(static fn(ComingSupply $it): ProductName => $it->of, $coming)];
        $byKey = array_column(array_map(static fn(ProductName $it): array => ["$it->species/$it->title/$it->product", $it], $names), 1, 0);
        ksort($byKey, SORT_NATURAL);

        return array_values($byKey);
    }
}
