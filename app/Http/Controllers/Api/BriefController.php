<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\CancelBrief;
use App\Actions\PostponeBrief;
use App\Actions\SaveBrief;
use App\Actions\SetBrief;
use App\Brief\BriefDocument;
use App\Brief\MissedTry;
use App\Brief\PlanBrief;
use App\Http\ClientId;
use App\Http\Precondition;
use App\Http\Resources\BriefItemView;
use App\Http\Resources\BriefsView;
use App\Http\Resources\BriefView;
use App\Http\Resources\MissedTryView;
use App\Models\Assessment;
use App\Models\Brief;
use App\Models\User;
use App\School\School;
use DeftBlade\Core\Capture\Field;
use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** Practicals while they are planned. */
#[OA\Schema(schema: 'BriefDocument', properties: [
    new OA\Property(property: 'title', type: 'string'),
    new OA\Property(property: 'is_rehearsal', description: 'Counts for nothing.', type: 'boolean'),
    new OA\Property(property: 'day', type: 'string', format: 'date', nullable: true),
    new OA\Property(property: 'start', description: 'HH:MM, at the school.', type: 'string', pattern: '^([01]\d|2[0-3]):[0-5]\d$', nullable: true),
    new OA\Property(property: 'room', type: 'string'),
    new OA\Property(property: 'benches', description: 'Stations in the room.', type: 'integer', minimum: 1),
    new OA\Property(property: 'scales', type: 'integer', minimum: 1),
    new OA\Property(property: 'waves', type: 'integer', minimum: 1),
    new OA\Property(property: 'gap_s', description: 'From the start of one wave to the next.', type: 'integer'),
    new OA\Property(property: 'mise_s', description: 'To set a bench up.', type: 'integer'),
    new OA\Property(property: 'clean_s', description: 'To clean it.', type: 'integer'),
    new OA\Property(property: 'wait_s', description: 'How long nineteen trays in twenty may wait for the scale.', type: 'integer'),
    new OA\Property(property: 'lists', description: 'One for each standard.', type: 'array', items: new OA\Items(required: ['standard', 'students', 'order'], properties: [
        new OA\Property(property: 'standard', description: 'A published version.', type: 'string', format: 'uuid', nullable: true),
        new OA\Property(property: 'students', description: 'In the order of stations.', type: 'array', items: new OA\Items(type: 'string', format: 'uuid')),
        new OA\Property(property: 'resits', description: 'Those of them who resit.', type: 'array', items: new OA\Items(type: 'string', format: 'uuid')),
        new OA\Property(property: 'per_pan', description: 'How many present on one pan; 1, where it is not said, is a tray each.', type: 'integer', minimum: 1, maximum: 4),
        new OA\Property(property: 'order', required: ['specification', 'on_hand', 'per_case', 'spare_fraction', 'spare_at_least', 'typical_mg', 'price', 'is_frozen'], properties: [
            new OA\Property(property: 'specification', type: 'string'),
            new OA\Property(property: 'on_hand', type: 'integer'),
            new OA\Property(property: 'per_case', type: 'integer'),
            new OA\Property(property: 'spare_fraction', type: 'number'),
            new OA\Property(property: 'spare_at_least', type: 'integer'),
            new OA\Property(property: 'typical_mg', type: 'integer', nullable: true),
            new OA\Property(property: 'price', required: ['per', 'minor'], properties: [
                new OA\Property(property: 'per', type: 'string', enum: ['kg', 'each']),
                new OA\Property(property: 'minor', type: 'integer'),
            ], type: 'object', nullable: true),
            new OA\Property(property: 'is_frozen', type: 'boolean'),
        ], type: 'object'),
    ], type: 'object')),
    new OA\Property(property: 'assessors', type: 'array', items: new OA\Items(required: ['person', 'is_second', 'stations'], properties: [
        new OA\Property(property: 'person', type: 'string', format: 'uuid'),
        new OA\Property(property: 'is_second', type: 'boolean'),
        new OA\Property(property: 'stations', type: 'array', items: new OA\Items(type: 'integer')),
    ], type: 'object')),
    new OA\Property(property: 'not_by', description: 'Who does not assess whom.', type: 'array', items: new OA\Items(required: ['person', 'student'], properties: [
        new OA\Property(property: 'person', type: 'string', format: 'uuid'),
        new OA\Property(property: 'student', type: 'string', format: 'uuid'),
    ], type: 'object')),
])]
final class BriefController
{
    private const MOST_BYTES = 200_000;

    private const A_PAGE = 50;

    private const MOST_PAGES = 10_000;

    public function __construct(private readonly School $school, private readonly PlanBrief $planning) {}

    #[OA\Get(path: '/briefs', operationId: 'briefs', tags: ['brief'])]
    #[OA\QueryParameter(name: 'page', description: 'From 1.', schema: new OA\Schema(type: 'integer', minimum: 1))]
    #[OA\Response(response: 200, description: 'A page: those that are planned first, the last saved first', content: new OA\JsonContent(ref: BriefsView::class))]
    public function index(Request $request): JsonResponse
    {
        Gate::authorize('plan', Assessment::class);
        $request->validate(['page' => ['integer', 'min:1', 'max:'.self::MOST_PAGES]]);
        $page = max(1, $request->integer('page', 1));
        $found = Brief::query()->orderByRaw('set_at IS NOT NULL')->latest('saved_at')->orderBy('id')->offset(($page - 1) * self::A_PAGE)->limit(self::A_PAGE + 1)->get();

        return new JsonResponse(new BriefsView(array_values($found->take(self::A_PAGE)->map(BriefItemView::of(...))->all()), $found->count() > self::A_PAGE ? $page + 1 : null));
    }

    #[OA\Get(path: '/missed-tries', operationId: 'missedTries', tags: ['brief'])]
    #[OA\Response(response: 200, description: 'Who missed a practical of the last 90 days and has not made up for it, the latest first', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: MissedTryView::class)))]
    public function missed(): JsonResponse
    {
        Gate::authorize('plan', Assessment::class);

        return new JsonResponse(array_map(MissedTryView::of(...), MissedTry::all($this->school)));
    }

    #[OA\Get(path: '/briefs/{brief}', operationId: 'brief', tags: ['brief'])]
    #[OA\PathParameter(name: 'brief', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'The brief, and what follows from it', content: new OA\JsonContent(ref: BriefView::class))]
    #[OA\Response(response: 404, ref: '#/components/responses/Problem')]
    public function show(Brief $brief): JsonResponse
    {
        Gate::authorize('plan', Assessment::class);

        return $this->answer($brief);
    }

    #[OA\Put(path: '/briefs/{brief}', operationId: 'saveBrief', description: 'Keeps a brief under an id its screen made (a UUID). A new one is saved on version 0.', tags: ['brief'])]
    #[OA\PathParameter(name: 'brief', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\HeaderParameter(name: 'If-Match', required: true, description: 'The version this changes, in quotes.', schema: new OA\Schema(type: 'string'))]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/BriefDocument'))]
    #[OA\Response(response: 200, description: 'As saved, and what follows from it', content: new OA\JsonContent(ref: BriefView::class))]
    #[OA\Response(response: 409, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 412, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function store(Request $request, string $brief, SaveBrief $saving, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('plan', Assessment::class);
        ClientId::check($brief, 'brief');
        if (strlen($request->getContent()) > self::MOST_BYTES) {
            throw InvalidPackage::at('', MessageCode::TooLarge);
        }

        return $this->answer($saving->save($brief, Node::decode($request->getContent())->document(), Precondition::number($request), $user));
    }

    #[OA\Delete(path: '/briefs/{brief}', operationId: 'dropBrief', tags: ['brief'])]
    #[OA\PathParameter(name: 'brief', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 204, description: 'Gone, or was not there; one that is set stays')]
    public function destroy(string $brief): Response
    {
        Gate::authorize('plan', Assessment::class);
        ClientId::check($brief, 'brief');
        Brief::query()->whereNull('set_at')->whereKey($brief)->delete();

        return new Response(status: 204);
    }

    #[OA\Post(path: '/briefs/{brief}/set', operationId: 'setBrief', description: 'Sets the practical up: a class for each list. What it is held against is frozen by that.', tags: ['brief'])]
    #[OA\PathParameter(name: 'brief', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\HeaderParameter(name: 'If-Match', required: true, description: 'The version that is meant, in quotes.', schema: new OA\Schema(type: 'string'))]
    #[OA\Response(response: 200, description: 'Set', content: new OA\JsonContent(ref: BriefView::class))]
    #[OA\Response(response: 412, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function set(Request $request, Brief $brief, SetBrief $setting, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('plan', Assessment::class);

        return $this->answer($setting->set($brief, Precondition::number($request), $user));
    }

    #[OA\Post(path: '/briefs/{brief}/postpone', operationId: 'postponeBrief', description: 'Puts a practical that is set off to another day or time.', tags: ['brief'])]
    #[OA\PathParameter(name: 'brief', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(required: ['day', 'start', 'reason'], properties: [
        new OA\Property(property: 'day', type: 'string', format: 'date'),
        new OA\Property(property: 'start', description: 'HH:MM, at the school.', type: 'string', pattern: '^([01]\d|2[0-3]):[0-5]\d$'),
        new OA\Property(property: 'reason', type: 'string'),
    ]))]
    #[OA\Response(response: 200, description: 'As it is now', content: new OA\JsonContent(ref: BriefView::class))]
    #[OA\Response(response: 409, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function postpone(Request $request, Brief $brief, PostponeBrief $postponing, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('plan', Assessment::class);
        $request->validate([
            'day' => ['required', 'date_format:Y-m-d', 'after_or_equal:'.$this->school->today()->toDateString()],
            'start' => ['required', 'date_format:H:i'],
            'reason' => ['required', 'string', 'max:'.Field::LONGEST_TEXT],
        ]);

        return $this->answer($postponing->postpone($brief, $request->string('day')->toString(), $request->string('start')->toString(), $request->string('reason')->trim()->toString(), $user));
    }

    #[OA\Post(path: '/briefs/{brief}/cancel', operationId: 'cancelBrief', description: 'Cancels a practical that is set. What was taken down stays.', tags: ['brief'])]
    #[OA\PathParameter(name: 'brief', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(required: ['reason'], properties: [new OA\Property(property: 'reason', type: 'string')]))]
    #[OA\Response(response: 200, description: 'As it is now', content: new OA\JsonContent(ref: BriefView::class))]
    #[OA\Response(response: 409, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function cancel(Request $request, Brief $brief, CancelBrief $cancelling, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('plan', Assessment::class);
        $request->validate(['reason' => ['required', 'string', 'max:'.Field::LONGEST_TEXT]]);

        return $this->answer($cancelling->cancel($brief, $request->string('reason')->trim()->toString(), $user));
    }

    private function answer(Brief $brief): JsonResponse
    {
        $plan = $this->planning->plan(BriefDocument::read(Node::of($brief->document, 'brief')), $brief->id);

        return new JsonResponse(BriefView::of($brief->load('assessments', 'changes.user'), $plan, $this->school), headers: ['ETag' => Precondition::etag($brief->version)]);
    }
}
