<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\ReadTables;
use App\Http\LotViews;
use App\Http\Resources\ChangedWeightView;
use App\Http\Resources\ClassAccountView;
use App\Http\Resources\ColdTimeView;
use App\Http\Resources\GibletView;
use App\Http\Resources\LotProposalView;
use App\Http\Resources\PutAwayView;
use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\LotRow;
use App\Models\LotWeight;
use App\School\School;
use DeftBlade\Core\Lots\ChangedWeight;
use DeftBlade\Core\Lots\LotKitchen;
use DeftBlade\Core\Lots\LotProduct;
use DeftBlade\Core\Lots\Proposal;
use DeftBlade\Core\Lots\Tables;
use DeftBlade\Core\Lots\TakenWeight;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** What a class made: what lies on the tables, and what was put away. */
final class PutAwayController
{
    public function __construct(private readonly School $school, private readonly ReadTables $tables, private readonly LotViews $lots) {}

    #[OA\Get(path: '/assessments/{assessment}/put-away', operationId: 'putAway', tags: ['ledger'])]
    #[OA\PathParameter(name: 'assessment', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'What lies on the tables, and what was put away', content: new OA\JsonContent(ref: PutAwayView::class))]
    public function show(Assessment $assessment): JsonResponse
    {
        Gate::authorize('viewAny', LotRow::class);

        return new JsonResponse($this->putAway($assessment));
    }

    private function putAway(Assessment $assessment): PutAwayView
    {
        $tables = $this->tables->of($assessment);
        $kitchen = $this->tables->kitchen();
        $words = $this->school->vocabulary();
        $taken = LotWeight::of($assessment);
        $lots = LotRow::query()->where('assessment_id', $assessment->id)->orderBy('made_on')->orderBy('id')->get();

        return new PutAwayView(
            $assessment->id,
            $assessment->title,
            $assessment->held_on->toDateString(),
            $this->school->today()->toDateString(),
            ClassAccountView::of($tables->account(array_sum(array_map(static fn(TakenWeight $it): int => $it->massMg, $taken)))),
            array_map(static fn(Proposal $it): LotProposalView => LotProposalView::of($it, $kitchen, $words), $tables->proposals($taken)),
            array_map(static fn(LotProduct $it): GibletView => new GibletView($it->id, $words->say($it->title), $kitchen->destinationsOf($it->id)), $this->giblets($assessment, $kitchen)),
            $this->lots->of($lots),
            $this->changed($assessment, $tables, $taken, $lots),
            $this->tables->coldLimitMs($assessment),
            self::cold($assessment, $tables),
        );
    }

    /** @return list<LotProduct> */
    private function giblets(Assessment $assessment, LotKitchen $kitchen): array
    {
        $species = $assessment->held->document->species ?? null;

        return is_string($species) ? $kitchen->giblets($this->tables->classOf($species)) : [];
    }

    /** @return list<ColdTimeView> */
    private static function cold(Assessment $assessment, Tables $tables): array
    {
        $times = $assessment->attempts->map(static fn(Attempt $it): ColdTimeView => new ColdTimeView($it->station, $tables->cold[$it->id]->ms ?? 0, $tables->cold[$it->id]->outSince ?? null));

        return array_values($times->filter(static fn(ColdTimeView $it): bool => $it->out_ms > 0 || $it->since_ms !== null)->all());
    }

    /**
     * @param list<TakenWeight>       $taken
     * @param Collection<int, LotRow> $lots
     *
     * @return list<ChangedWeightView>
     */
    private function changed(Assessment $assessment, Tables $tables, array $taken, Collection $lots): array
    {
        $stations = $assessment->attempts->mapWithKeys(static fn(Attempt $it): array => [$it->id => $it->station]);
        $titles = $lots->pluck('title', 'id');
        $words = $this->school->vocabulary();

        return array_map(static fn(ChangedWeight $it): ChangedWeightView => new ChangedWeightView(
            $it->taken->lot,
            $words->say(is_string($title = $titles->get($it->taken->lot)) ? $title : ''),
            $stations->get($it->taken->attempt) ?? 0,
            $it->taken->massMg,
            $it->nowMg,
        ), $tables->changed($taken));
    }
}
