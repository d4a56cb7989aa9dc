<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\ReadTables;
use App\Actions\RecordLots;
use App\Http\LotViews;
use App\Http\Prints\LabelSize;
use App\Http\Prints\Pdf;
use App\Http\Prints\PrintedLot;
use App\Http\Prints\QrCode;
use App\Http\Resources\ChangedWeightView;
use App\Http\Resources\ClassAccountView;
use App\Http\Resources\GibletView;
use App\Http\Resources\LedgerPracticalView;
use App\Http\Resources\LedgerView;
use App\Http\Resources\LotEntryView;
use App\Http\Resources\LotHistoryView;
use App\Http\Resources\LotNewsView;
use App\Http\Resources\LotProposalView;
use App\Http\Resources\LotView;
use App\Http\Resources\OnHandView;
use App\Http\Resources\PutAwayView;
use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\LotEntry;
use App\Models\LotRow;
use App\Models\LotWeight;
use App\Models\ResultRow;
use App\Models\User;
use App\School\School;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Lots\ChangedWeight;
use DeftBlade\Core\Lots\LotKitchen;
use DeftBlade\Core\Lots\LotProduct;
use DeftBlade\Core\Lots\Proposal;
use DeftBlade\Core\Lots\Tables;
use DeftBlade\Core\Lots\TakenWeight;
use DeftBlade\Core\Message\MessageCode;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

/** What classes made, and where it went. */
final class LedgerController
{
    private const MOST_AT_ONCE = 500;

    private const MOST_OFFSET_MS = 1_000_000_000_000;

    private const LAST_DAYS = 14;

    private const MOST_PRACTICALS = 30;

    private const MOST_LOTS = 300;

    private const LONGEST_LIST = 4_000;

    public function __construct(private readonly School $school, private readonly ReadTables $tables, private readonly LotViews $lots) {}

    #[OA\Get(path: '/ledger', operationId: 'ledger', tags: ['ledger'])]
    #[OA\Response(response: 200, description: 'The practicals of the last days that something was weighed at', content: new OA\JsonContent(ref: LedgerView::class))]
    public function index(): JsonResponse
    {
        Gate::authorize('viewAny', LotRow::class);
        $today = $this->school->today();
        $isWeighed = ResultRow::query()->selectRaw('1')->whereColumn('results.assessment_id', 'assessments.id')->whereRaw("results.masses::text <> '{}'");
        $practicals = Assessment::query()->without('held')->whereNull('cancelled')->whereBetween('held_on', [$today->subDays(self::LAST_DAYS)->toDateString(), $today->toDateString()])
            ->whereExists($isWeighed)->latest('held_on')->orderBy('title')->limit(self::MOST_PRACTICALS)->get();
        $lots = LotRow::query()->whereIn('assessment_id', $practicals->modelKeys())->groupBy('assessment_id')->selectRaw('assessment_id, count(*) as lots')->pluck('lots', 'assessment_id');

        return new JsonResponse(new LedgerView($today->toDateString(), array_values($practicals->map(static fn(Assessment $it): LedgerPracticalView => new LedgerPracticalView(
            $it->id,
            $it->title,
            $it->held_on->toDateString(),
            is_numeric($count = $lots->get($it->id)) ? (int) $count : 0,
        ))->all())));
    }

    #[OA\Get(path: '/assessments/{assessment}/put-away', operationId: 'putAway', tags: ['ledger'])]
    #[OA\PathParameter(name: 'assessment', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'What lies on the tables, and what was put away', content: new OA\JsonContent(ref: PutAwayView::class))]
    public function tables(Assessment $assessment): JsonResponse
    {
        Gate::authorize('viewAny', LotRow::class);

        return new JsonResponse($this->putAway($assessment));
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
        $body = Node::decode($request->getContent())->keys(['device', 'facts'], ['offset_ms']);
        $device = $body->at('device')->identifier();
        $offsetMs = $body->has('offset_ms') ? $body->at('offset_ms')->integer(-self::MOST_OFFSET_MS, self::MOST_OFFSET_MS) : 0;
        $nodes = $body->at('facts')->items();
        if (count($nodes) > self::MOST_AT_ONCE) {
            throw $body->at('facts')->fail(MessageCode::TooManyCaptures, ['most' => self::MOST_AT_ONCE]);
        }
        $families = $recording->record(array_map(static fn(Node $it): \stdClass => $it->document(), $nodes), $user, $device, $offsetMs);

        return new JsonResponse($this->news($families, self::latestSeq()));
    }

    #[OA\Get(path: '/ledger/facts', operationId: 'lotsAfter', description: 'What is new in the ledger since a cursor.', tags: ['ledger'])]
    #[OA\QueryParameter(name: 'after', required: true, description: 'The seq of the last fact seen.', schema: new OA\Schema(type: 'integer', minimum: 0))]
    #[OA\Response(response: 200, description: 'Lots that something was taken down about, as they stand, and the next cursor', content: new OA\JsonContent(ref: LotNewsView::class))]
    public function after(Request $request): JsonResponse
    {
        Gate::authorize('viewAny', LotRow::class);
        $request->validate(['after' => ['required', 'integer', 'min:0']]);
        $entries = LotEntry::query()->where('seq', '>', $request->integer('after'))->orderBy('seq')->limit(self::MOST_AT_ONCE)->get(['seq', 'family_id']);
        $families = array_values(array_unique($entries->map(static fn(LotEntry $it): string => $it->family_id)->all()));

        return new JsonResponse($this->news($families, $entries->last()->seq ?? $request->integer('after')));
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
        ));
    }

    #[OA\Get(path: '/ledger/labels', operationId: 'lotLabels', description: 'Labels for lots, as a PDF.', tags: ['ledger'])]
    #[OA\QueryParameter(name: 'lots', required: true, description: 'Ids, with commas between them.', schema: new OA\Schema(type: 'string'))]
    #[OA\QueryParameter(name: 'size', description: 'A sheet of the usual paper where nothing is said.', schema: new OA\Schema(type: 'string', enum: LabelSize::class))]
    #[OA\Response(response: 200, description: 'The labels, in the order they were asked for', content: new OA\MediaType(mediaType: 'application/pdf', schema: new OA\Schema(type: 'string', format: 'binary')))]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function labels(Request $request): Response
    {
        Gate::authorize('viewAny', LotRow::class);
        $request->validate(['lots' => ['required', 'string', 'max:'.self::LONGEST_LIST], 'size' => [Rule::enum(LabelSize::class)]]);
        $ids = array_values(array_filter(explode(',', $request->string('lots')->toString()), Str::isUuid(...)));
        $lots = LotRow::query()->findMany($ids)->sortBy(static fn(LotRow $it): int|false => array_search($it->id, $ids, true))->values();
        $by = LotEntry::query()->with('user')->findMany($lots->modelKeys())->mapWithKeys(static fn(LotEntry $it): array => [$it->id => $it->user->name]);
        $units = $this->school->settings->units;
        $size = $request->enum('size', LabelSize::class) ?? LabelSize::usualWith($units);
        $printed = array_map(static fn(LotView $it): PrintedLot => new PrintedLot($it, $by->get($it->id) ?? '', url("/ledger/lots/$it->id")), $this->lots->of($lots));
        $html = view('prints.lots', ['lots' => $printed, 'size' => $size, 'paper' => $size->paper(), 'units' => $units, 'qr' => new QrCode(), 'nonce' => Vite::cspNonce()])->render();

        return new Response(Pdf::of($html), headers: ['Content-Type' => 'application/pdf', 'Content-Disposition' => 'inline; filename="labels.pdf"']);
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
        );
    }

    /** @return list<LotProduct> */
    private function giblets(Assessment $assessment, LotKitchen $kitchen): array
    {
        $species = $assessment->held->document->species ?? null;

        return is_string($species) ? $kitchen->giblets($this->tables->classOf($species)) : [];
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
