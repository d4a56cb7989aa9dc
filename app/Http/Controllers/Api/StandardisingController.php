<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\Conflict;
use App\Actions\MakeStandardisingSet;
use App\Actions\Standardise;
use App\Http\ClientId;
use App\Http\PhotoExchange;
use App\Http\Resources\StandardisingItemView;
use App\Http\Resources\StandardisingView;
use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\StandardisingSet;
use App\Models\StandardisingStep;
use App\Models\User;
use DeftBlade\Core\Capture\Field;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** Sets of trays without names: assessors judge them alone, then compare. */
final class StandardisingController
{
    private const UUID = '/^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/Di';

    private const LONGEST_TITLE = 120;

    private const LISTED = 30;

    #[OA\Get(path: '/standardising', operationId: 'standardisingSets', tags: ['moderation'])]
    #[OA\Response(response: 200, description: 'The latest sets first', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: StandardisingItemView::class)))]
    public function index(#[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('viewAny', Assessment::class);
        $sets = StandardisingSet::query()->select('id', 'title', 'made_at')->with('entries')->latest('made_at')->limit(self::LISTED)->get();

        return new JsonResponse(array_values($sets->map(static fn(StandardisingSet $it): StandardisingItemView => StandardisingItemView::of($it, $user))->all()));
    }

    #[OA\Put(path: '/standardising/{id}', operationId: 'makeStandardisingSet', description: 'Makes a set of 3 to 6 released trays of one practical, under an id the screen made (a UUID). Names, stations, totals, bands and levels are taken away.', tags: ['moderation'])]
    #[OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(required: ['title', 'attempts'], properties: [
        new OA\Property(property: 'title', type: 'string'),
        new OA\Property(property: 'attempts', type: 'array', items: new OA\Items(type: 'string', format: 'uuid')),
    ]))]
    #[OA\Response(response: 200, description: 'Made', content: new OA\JsonContent(ref: StandardisingView::class))]
    #[OA\Response(response: 409, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function store(Request $request, string $id, MakeStandardisingSet $making, #[CurrentUser] User $user): JsonResponse
    {
        ClientId::check($id, 'id');
        Gate::authorize('plan', Assessment::class);
        $body = Node::decode($request->getContent())->keys(['title', 'attempts']);
        $title = trim($body->at('title')->text(self::LONGEST_TITLE));
        $attempts = array_map(static fn(Node $it): string => $it->matching(self::UUID, MessageCode::NotAUuid), $body->at('attempts')->items());
        if ($title === '') {
            throw $body->at('title')->fail(MessageCode::MustSayWhy);
        }
        if (count(array_unique($attempts)) < MakeStandardisingSet::LEAST) {
            throw $body->at('attempts')->fail(MessageCode::TooFew, ['least' => MakeStandardisingSet::LEAST]);
        }
        if (count($attempts) > MakeStandardisingSet::MOST) {
            throw $body->at('attempts')->fail(MessageCode::TooMany, ['most' => MakeStandardisingSet::MOST]);
        }

        return $this->answer($making->make(mb_strtolower($id), $title, array_values(array_unique($attempts)), $user), $user);
    }

    #[OA\Get(path: '/standardising/{set}', operationId: 'standardisingSet', tags: ['moderation'])]
    #[OA\PathParameter(name: 'set', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'The set as you see it', content: new OA\JsonContent(ref: StandardisingView::class))]
    #[OA\Response(response: 404, ref: '#/components/responses/Problem')]
    public function show(StandardisingSet $set, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('viewAny', Assessment::class);

        return $this->answer($set, $user);
    }

    #[OA\Put(path: '/standardising/{set}/entries/{entry}', operationId: 'standardise', description: 'Judges a criterion, finishes, opens the set to everybody, fixes a reference, or shows it to students; under an id the screen made (a UUID).', tags: ['moderation'])]
    #[OA\PathParameter(name: 'set', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\PathParameter(name: 'entry', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(required: ['kind'], properties: [
        new OA\Property(property: 'kind', type: 'string', enum: StandardisingStep::class),
        new OA\Property(property: 'tray', type: 'string'),
        new OA\Property(property: 'criterion', type: 'string'),
        new OA\Property(property: 'level', type: 'integer', minimum: 0),
        new OA\Property(property: 'reason', description: 'Why, of a reference.', type: 'string'),
        new OA\Property(property: 'shown', description: 'Whether students may practise with it.', type: 'boolean'),
    ]))]
    #[OA\Response(response: 200, description: 'Taken', content: new OA\JsonContent(ref: StandardisingView::class))]
    #[OA\Response(response: 409, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function take(Request $request, StandardisingSet $set, string $entry, Standardise $taking, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('viewAny', Assessment::class);
        ClientId::check($entry, 'entry');
        $body = Node::decode($request->getContent())->keys(['kind'], ['tray', 'criterion', 'level', 'reason', 'shown']);
        $step = $body->at('kind')->oneOf(StandardisingStep::class);
        if ($step === StandardisingStep::Opened || $step->isOfTheLead()) {
            Gate::authorize('plan', Assessment::class);
        }
        $taking->take($set, mb_strtolower($entry), $step, self::payload($set, $step, $body), $user);

        return $this->answer($set, $user);
    }

    #[OA\Get(path: '/standardising/{set}/photos/{sha256}', operationId: 'standardisingPhoto', tags: ['moderation'])]
    #[OA\PathParameter(name: 'set', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\PathParameter(name: 'sha256', schema: new OA\Schema(type: 'string'))]
    #[OA\Response(response: 200, description: 'The photograph', content: new OA\MediaType(mediaType: 'image/jpeg', schema: new OA\Schema(type: 'string', format: 'binary')))]
    #[OA\Response(response: 404, ref: '#/components/responses/Problem')]
    public function photo(StandardisingSet $set, string $sha256, PhotoExchange $photos): Response
    {
        Gate::authorize('viewAny', Assessment::class);
        PhotoExchange::checkDigest($sha256);

        return $photos->show($sha256, str_contains(json_encode($set->document->trays ?? [], JSON_THROW_ON_ERROR), "\"$sha256\""));
    }

    /** @return array<string, mixed> */
    private static function payload(StandardisingSet $set, StandardisingStep $step, Node $body): array
    {
        if ($step === StandardisingStep::Finished || $step === StandardisingStep::Opened) {
            return [];
        }
        if ($step === StandardisingStep::Shown) {
            return ['shown' => $body->at('shown')->boolean()];
        }
        $document = Node::of($set->document, 'set');
        $trays = array_map(static fn(Node $it): string => $it->at('label')->text(), $document->itemsOf('trays'));
        $levels = [];
        foreach ($document->at('standard')->itemsOf('criteria') as $it) {
            $levels[$it->at('id')->text()] = count($it->at('levels')->items());
        }
        [$tray, $criterion] = [$body->at('tray')->text(), $body->at('criterion')->text()];
        if (! in_array($tray, $trays, true)) {
            throw $body->at('tray')->noneOf($tray, $trays);
        }
        if (! isset($levels[$criterion])) {
            throw $body->at('criterion')->noneOf($criterion, array_map(strval(...), array_keys($levels)));
        }
        $reason = $body->has('reason') ? trim($body->at('reason')->text(Field::LONGEST_TEXT)) : '';
        if ($step === StandardisingStep::Reference && $reason === '') {
            throw $body->at('reason')->fail(MessageCode::MustSayWhy);
        }

        return ['tray' => $tray, 'criterion' => $criterion, 'level' => $body->at('level')->integer(0, $levels[$criterion] - 1)] + ($step === StandardisingStep::Reference ? ['reason' => $reason] : []);
    }

    private function answer(StandardisingSet $set, User $user): JsonResponse
    {
        $blind = Attempt::query()->findMany($set->attempts)->filter(static fn(Attempt $it): bool => $it->isBlindTo($user))->count();
        if ($blind > 0) {
            throw Conflict::blind($blind);
        }

        return new JsonResponse(StandardisingView::of($set->load('entries.author'), $user));
    }
}
