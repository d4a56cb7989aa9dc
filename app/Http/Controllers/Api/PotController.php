<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\ReadPots;
use App\Actions\ReadTables;
use App\Http\LotViews;
use App\Http\Resources\ForPotView;
use App\Http\Resources\PotStepView;
use App\Http\Resources\PotsView;
use App\Http\Resources\PotView;
use App\Models\Capture;
use App\Models\LotEntry;
use App\Models\LotRow;
use App\Models\PotRow;
use App\School\School;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Lots\PotStep;
use DeftBlade\Core\Lots\PotUse;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** Stock, rendered fat and mince: what waits for a pot, what is in one, and how what was drawn cools. */
final class PotController
{
    private const LAST_DAYS = 14;

    private const MOST_POTS = 40;

    public function __construct(private readonly School $school, private readonly ReadTables $tables, private readonly ReadPots $reading, private readonly LotViews $lots) {}

    #[OA\Get(path: '/ledger/pots', operationId: 'pots', tags: ['ledger'])]
    #[OA\Response(response: 200, description: 'What waits for a pot, and the pots of the last days', content: new OA\JsonContent(ref: PotsView::class))]
    public function index(): JsonResponse
    {
        Gate::authorize('viewAny', LotRow::class);
        $pots = PotRow::query()->withSum('moves as in_mg', 'mass_mg')->where('started_at', '>=', CarbonImmutable::now()->subDays(self::LAST_DAYS))->latest('started_at')->limit(self::MOST_POTS)->get();
        $drawn = LotRow::query()->whereIn('family_id', $pots->modelKeys())->orderBy('id')->get()->groupBy('family_id');

        return new JsonResponse(new PotsView(
            $this->school->today()->toDateString(),
            array_map(fn(array $it): ForPotView => $this->waiting(...$it), $this->reading->waiting()),
            array_values($pots->map(fn(PotRow $it): PotView => $this->pot($it, $drawn->get($it->id) ?? new Collection()))->all()),
            is_string(config('scale.pan')),
        ));
    }

    /** @param list<array{LotEntry, LotRow}> $moves */
    private function waiting(PotUse $use, array $moves): ForPotView
    {
        $words = $this->school->vocabulary();
        $kind = $this->tables->kitchen()->pot($use);
        $mass = array_sum(array_map(static fn(array $it): int => is_int($it[0]->payload->mass_mg) ? $it[0]->payload->mass_mg : 0, $moves));
        $stock = $use === PotUse::Stock ? $this->reading->stock($moves[0][1]->class, $mass, null) : null;

        return new ForPotView(
            $use,
            $words->say($kind->asks),
            implode(', ', array_unique(array_map(static fn(array $it): string => $it[1]->species, $moves))),
            $mass,
            array_map(static fn(array $it): string => $it[0]->id, $moves),
            array_values(array_unique(array_map(static fn(array $it): string => $words->say($it[1]->title).($it[1]->assessment === null ? '' : ", {$it[1]->assessment->title}"), $moves))),
            $stock === null ? null : $this->school->sentences()->say($stock->said()),
            array_map($words->say(...), $kind->cautions),
        );
    }

    /** @param Collection<int, LotRow> $drawn */
    private function pot(PotRow $pot, Collection $drawn): PotView
    {
        $mass = is_numeric($sum = $pot->getAttribute('in_mg')) ? (int) $sum : 0;
        $stock = $pot->use === PotUse::Stock ? $this->reading->stock($pot->class, $mass, $pot->started_at) : null;
        $answer = $stock?->answer() ?? [];
        $figure = static fn(string $key): mixed => $answer[$key] ?? null;

        return new PotView(
            $pot->id,
            $pot->use,
            $pot->use->isHot(),
            $this->school->vocabulary()->say($this->tables->kitchen()->pot($pot->use)->title),
            $pot->species,
            $pot->started_at->format(Capture::AT_FORMAT),
            $mass,
            $stock === null ? null : $this->school->sentences()->say($stock->said()),
            is_string($from = $figure('ready_from')) ? $from : null,
            is_string($to = $figure('ready_to')) ? $to : null,
            is_int($expected = $figure('expected_yield_ml')) ? $expected : null,
            $pot->made_mg,
            $pot->made_ml,
            array_map(static fn(array $it): PotStepView => new PotStepView($it['id'], PotStep::from($it['step']), $it['at']), $pot->steps),
            $this->lots->of($drawn),
        );
    }
}
