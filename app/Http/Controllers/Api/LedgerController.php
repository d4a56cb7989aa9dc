<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\RecordLots;
use App\Http\LotViews;
use App\Http\Resources\DeliveryView;
use App\Http\Resources\LedgerPracticalView;
use App\Http\Resources\LedgerView;
use App\Http\Resources\LotEntryView;
use App\Http\Resources\LotHistoryView;
use App\Http\Resources\LotNewsView;
use App\Http\Resources\OnHandView;
use App\Http\SentFacts;
use App\Models\Assessment;
use App\Models\Delivery;
use App\Models\LotEntry;
use App\Models\LotRow;
use App\Models\LotWeight;
use App\Models\ResultRow;
use App\Models\User;
use App\School\School;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** What classes made, and where it went. */
final class LedgerController
{
    private const MOST_AT_ONCE = 500;

    private const LAST_DAYS = 14;

    private const MOST_PRACTICALS = 30;

    private const MOST_LOTS = 300;

    public function __construct(private readonly School $school, private readonly LotViews $lots) {}

    #[OA\Get(path: '/ledger', operationId: 'ledger', tags: ['ledger'])]
    #[OA\Response(response: 200, description: 'The practicals of the last days that something was weighed at', content: new OA\JsonContent(ref: LedgerView::class))]
    public function index(): JsonResponse
    {
        Gate::authorize('viewAny', LotRow::class);
        $today = $this->school->today();
        $isWeighed = ResultRow::query()->selectRaw('1')->whereColumn('results.assessment_id', 'assessments.id')->whereRaw("results.masses::text <> '{}'");
        $practicals = Assessment::query()->whereNull('cancelled')->whereBetween('held_on', [$today->subDays(self::LAST_DAYS)->toDateString(), $today->toDateString()])
            ->whereExists($isWeighed)->latest('held_on')->orderBy('title')->limit(self::MOST_PRACTICALS)->get();
        $lots = LotRow::query()->whereIn('assessment_id', $practicals->modelKeys())->groupBy('assessment_id')->selectRaw('assessment_id, count(*) as lots')->pluck('lots', 'assessment_id');

        return new JsonResponse(new LedgerView($today->toDateString(), array_values($practicals->map(static fn(Assessment $it): LedgerPracticalView => new LedgerPracticalView(
            $it->id,
            $it->title,
            $it->held_on->toDateString(),
            is_numeric($count = $lots->get($it->id)) ? (int) $count : 0,
        ))->all())));
    }

    #[OA\Post(path: '/ledger/facts', operationId: 'recordLots', description: 'Takes facts about lots down, all or none; each id is accepted once, so a request may be sent again.', tags: ['ledger'])]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(required: ['device', 'facts'], properties: [
        new OA\Property(property: 'device', description: 'What the device is called.', type: 'string'),
        new OA\Property(property: 'offset_ms', description: 'What the clock of the device was put right by.', type: 'integer'),
        new OA\Property(property: 'facts', type: 'array', items: new OA\Items(ref: '#/components/schemas/SentLotFact')),
    ]))]
    #[OA\Response(response: 200, description: 'Taken; the lots as they stand now', content: new OA\JsonContent(ref: LotNewsView::class))]
    #[OA\Response(response: 409, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function store(Request $request, RecordLots $recording, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('record', LotRow::class);
        $sent = SentFacts::read($request, 'facts');
        $families = $recording->record($sent->documents(), $user, $sent->device, $sent->offsetMs);

        return new JsonResponse($this->news($families, self::latestSeq()));
    }

    #[OA\Get(path: '/ledger/facts', operationId: 'lotsAfter', description: 'What is new in the ledger since a cursor.', tags: ['ledger'])]
    #[OA\QueryParameter(name: 'after', description: 'The seq of the last fact seen; left out: none, only where to go on from.', schema: new OA\Schema(type: 'integer', minimum: 0))]
    #[OA\Response(response: 200, description: 'Lots that something was taken down about, as they stand, and the next cursor', content: new OA\JsonContent(ref: LotNewsView::class))]
    public function after(Request $request): JsonResponse
    {
        Gate::authorize('viewAny', LotRow::class);
        $request->validate(['after' => ['integer', 'min:0']]);
        $after = $request->has('after') ? $request->integer('after') : self::latestSeq();
        $entries = LotEntry::query()->where('seq', '>', $after)->orderBy('seq')->limit(self::MOST_AT_ONCE)->get(['seq', 'family_id']);
        $families = array_values(array_unique($entries->map(static fn(LotEntry $it): string => $it->family_id)->all()));

        return new JsonResponse($this->news($families, $entries->last()->seq ?? $after));
    }

    #[OA\Get(path: '/ledger/lots', operationId: 'onHand', tags: ['ledger'])]
    #[OA\Response(response: 200, description: 'What is on hand', content: new OA\JsonContent(ref: OnHandView::class))]
    public function onHand(): JsonResponse
    {
        Gate::authorize('viewAny', LotRow::class);
        $next = self::latestSeq();
        $lots = LotRow::query()->where('on_hand_mg', '>', 0)->orderBy('use_by')->orderBy('id')->limit(self::MOST_LOTS + 1)->get();
        $sum = LotRow::query()->where('on_hand_mg', '>', 0)->sum('on_hand_mg');

        return new JsonResponse(new OnHandView($this->school->today()->toDateString(), $this->lots->of($lots->take(self::MOST_LOTS)), $lots->count() > self::MOST_LOTS, (int) $sum, $next));
    }

    #[OA\Get(path: '/ledger/lots/{lot}', operationId: 'lot', tags: ['ledger'])]
    #[OA\PathParameter(name: 'lot', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'The lot and its history', content: new OA\JsonContent(ref: LotHistoryView::class))]
    #[OA\Response(response: 404, ref: '#/components/responses/Problem')]
    public function show(LotRow $lot): JsonResponse
    {
        Gate::authorize('viewAny', LotRow::class);
        $entries = LotEntry::query()->with('user')->where('family_id', $lot->family_id)->orderBy('seq')->get();
        $withdrawn = $entries->filter(static fn(LotEntry $it): bool => $it->kind === 'void')->map(static fn(LotEntry $it): mixed => $it->payload->target)->all();

        return new JsonResponse(new LotHistoryView(
            $this->lots->of(new Collection([$lot]))[0],
            array_values($entries->map(static fn(LotEntry $it): LotEntryView => LotEntryView::of($it, in_array($it->id, $withdrawn, true)))->all()),
            self::stationsOf($lot),
            $lot->assessment_id === null ? null : DeliveryView::of(Delivery::of($lot->assessment_id)),
        ));
    }

    /** @return list<int> */
    private static function stationsOf(LotRow $lot): array
    {
        $stations = ResultRow::query()->whereIn('attempt_id', LotWeight::query()->select('attempt_id')->where('lot_id', $lot->family_id))->orderBy('station')->pluck('station');

        return array_values(array_filter($stations->all(), is_int(...)));
    }

    /** @param list<string> $families */
    private function news(array $families, int $next): LotNewsView
    {
        $lots = LotRow::query()->whereIn('family_id', $families)->orderBy('id')->get();
        $made = LotEntry::query()->whereIn('family_id', $families)->whereIn('kind', ['put_away', 'divide', 'draw'])->get(['id']);

        return new LotNewsView($this->lots->of($lots), array_values(array_diff($made->modelKeys(), $lots->modelKeys())), $next);
    }

    private static function latestSeq(): int
    {
        $seq = LotEntry::query()->max('seq');

        return is_int($seq) ? $seq : 0;
    }
}
