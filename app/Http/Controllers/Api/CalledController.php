<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\CallCard;
use App\Actions\PractisedStandards;
use App\Http\ClientId;
use App\Http\Resources\CalledItemView;
use App\Http\Resources\CalledView;
use App\Live\Push;
use App\Models\CalledCard;
use App\Models\CalledKind;
use App\Models\PublishedStandard;
use App\Models\StudentGroup;
use App\Models\User;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Shipped\ShippedDocuments;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** A method card called to a class that cuts together: the instructor goes to a step, and every screen follows. */
final class CalledController
{
    public function __construct(private readonly PractisedStandards $standards, private readonly ShippedDocuments $shipped) {}

    #[OA\Get(path: '/called', operationId: 'calledNow', tags: ['practice'])]
    #[OA\Response(response: 200, description: 'What is called now to whoever asks, the latest first', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: CalledItemView::class)))]
    public function index(#[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('practise', PublishedStandard::class);
        $cards = CalledCard::query()->with('caller', 'standard')->calledNow()->calledTo($user)->get();
        $items = $cards->map(fn(CalledCard $it): CalledItemView => CalledItemView::of($it, $this->standards->of($it->standard)->standard->title));

        return new JsonResponse(array_values($items->all()));
    }

    #[OA\Put(path: '/called/{id}', operationId: 'call', description: 'Begins to call a method card, under an id the screen made (a UUID).', tags: ['practice'])]
    #[OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(required: ['standard'], properties: [
        new OA\Property(property: 'standard', type: 'string', format: 'uuid'),
        new OA\Property(property: 'group', description: 'Whom it is called to; null for everybody.', type: 'string', format: 'uuid', nullable: true),
    ]))]
    #[OA\Response(response: 200, description: 'Begun', content: new OA\JsonContent(ref: CalledView::class))]
    #[OA\Response(response: 409, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function store(Request $request, string $id, CallCard $calling, #[CurrentUser] User $user): JsonResponse
    {
        ClientId::check($id, 'id');
        Gate::authorize('call', PublishedStandard::class);
        $body = Node::decode($request->getContent())->keys(['standard'], ['group']);
        ClientId::check($body->at('standard')->text(), 'standard');
        $group = $body->has('group') && ! $body->at('group')->isNull() ? $body->at('group')->text() : null;
        if ($group !== null) {
            ClientId::check($group, 'group');
        }

        return $this->view($calling->begin(mb_strtolower($id), PublishedStandard::query()->findOrFail($body->at('standard')->text()), $group === null ? null : StudentGroup::query()->findOrFail($group)->id, $user), $user);
    }

    #[OA\Get(path: '/called/{called}', operationId: 'called', tags: ['practice'])]
    #[OA\PathParameter(name: 'called', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'As it stands', content: new OA\JsonContent(ref: CalledView::class))]
    #[OA\Response(response: 404, ref: '#/components/responses/Problem')]
    public function show(CalledCard $called, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('practise', PublishedStandard::class);

        return $this->view($called, $user);
    }

    #[OA\Put(path: '/called/{called}/entries/{entry}', operationId: 'sayWhileCalled', description: 'An instructor goes to a step or ends it; whoever follows says that they do, that they are done with a step, or need help at it. Under an id the screen made.', tags: ['practice'])]
    #[OA\PathParameter(name: 'called', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\PathParameter(name: 'entry', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(required: ['kind'], properties: [
        new OA\Property(property: 'kind', type: 'string', enum: CalledKind::class),
        new OA\Property(property: 'step', description: 'Counted from 0, -1 before the first; of a step, of done and of help.', type: 'integer'),
    ]))]
    #[OA\Response(response: 200, description: 'Taken', content: new OA\JsonContent(ref: CalledView::class))]
    #[OA\Response(response: 409, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function say(Request $request, CalledCard $called, string $entry, CallCard $calling, Push $push, #[CurrentUser] User $user): JsonResponse
    {
        ClientId::check($entry, 'entry');
        Gate::authorize('practise', PublishedStandard::class);
        $body = Node::decode($request->getContent())->keys(['kind'], ['step']);
        $kind = $body->at('kind')->oneOf(CalledKind::class);
        if ($kind->isCall()) {
            Gate::authorize('call', PublishedStandard::class);
        }
        $last = count($this->standards->of($called->standard)->card()) - 1;
        $calling->say($called, mb_strtolower($entry), $kind, $kind->isOfStep() ? $body->at('step')->integer(-1, $last) : null, $user);
        $push->called($called->id);

        return $this->view($called, $user);
    }

    #[OA\Get(path: '/called/{called}/live', operationId: 'mayFollowCalled', description: 'Whether one may listen to the events of a called card at /live/called/{called}: "stands".', tags: ['practice'])]
    #[OA\PathParameter(name: 'called', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 204, description: 'They may')]
    #[OA\Response(response: 403, ref: '#/components/responses/Problem')]
    public function live(CalledCard $called): Response
    {
        Gate::authorize('practise', PublishedStandard::class);

        return new Response(status: 204);
    }

    private function view(CalledCard $card, User $user): JsonResponse
    {
        $card->load('entries.user', 'caller', 'standard');

        return new JsonResponse(CalledView::of($card, $this->standards->of($card->standard), $user, $this->shipped));
    }
}
