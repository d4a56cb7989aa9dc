<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\SaveDraft;
use App\Http\ClientId;
use App\Http\Precondition;
use App\Http\Resources\DraftItemView;
use App\Http\Resources\DraftView;
use App\Models\PublishedStandard;
use App\Models\StandardDraft;
use App\Models\User;
use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Shipped\ShippedDocuments;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** Drafts of standards, each for its author alone. */
final class DraftController
{
    private const MOST_BYTES = 1_000_000;

    public function __construct(private readonly ShippedDocuments $shipped) {}

    #[OA\Get(path: '/drafts', operationId: 'drafts', tags: ['standards'])]
    #[OA\Response(response: 200, description: 'Your drafts, the last saved first', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: DraftItemView::class)))]
    public function index(#[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('publish', PublishedStandard::class);
        $drafts = StandardDraft::query()->where('user_id', $user->id)->latest('saved_at')->get(['id', 'title', 'version', 'saved_at']);

        return new JsonResponse(array_values($drafts->map(DraftItemView::of(...))->all()));
    }

    #[OA\Get(path: '/drafts/{draft}', operationId: 'draft', tags: ['standards'])]
    #[OA\PathParameter(name: 'draft', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'A draft', content: new OA\JsonContent(ref: DraftView::class))]
    #[OA\Response(response: 404, ref: '#/components/responses/Problem')]
    public function show(string $draft, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('publish', PublishedStandard::class);

        return $this->answer(self::own($draft, $user) ?? throw (new ModelNotFoundException())->setModel(StandardDraft::class));
    }

    #[OA\Put(path: '/drafts/{draft}', operationId: 'saveDraft', description: 'Keeps a draft under an id its screen made (a UUID). A new one is saved on version 0.', tags: ['standards'])]
    #[OA\PathParameter(name: 'draft', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\HeaderParameter(name: 'If-Match', required: true, description: 'The version this changes, in quotes.', schema: new OA\Schema(type: 'string'))]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(type: 'object'))]
    #[OA\Response(response: 200, description: 'As saved', content: new OA\JsonContent(ref: DraftView::class))]
    #[OA\Response(response: 412, ref: '#/components/responses/Problem')]
    public function store(Request $request, string $draft, SaveDraft $saving, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('publish', PublishedStandard::class);
        ClientId::check($draft, 'draft');
        if (strlen($request->getContent()) > self::MOST_BYTES) {
            throw InvalidPackage::at('', MessageCode::TooLarge);
        }
        $document = Node::decode($request->getContent())->document();

        return $this->answer($saving->save($draft, $document, Precondition::number($request), $user));
    }

    #[OA\Delete(path: '/drafts/{draft}', operationId: 'dropDraft', tags: ['standards'])]
    #[OA\PathParameter(name: 'draft', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 204, description: 'Gone, or was not there')]
    public function destroy(string $draft, #[CurrentUser] User $user): Response
    {
        Gate::authorize('publish', PublishedStandard::class);
        self::own($draft, $user)?->delete();

        return new Response(status: 204);
    }

    private function answer(StandardDraft $draft): JsonResponse
    {
        return new JsonResponse(DraftView::of($draft, $this->shipped), headers: ['ETag' => Precondition::etag($draft->version)]);
    }

    private static function own(string $id, User $user): ?StandardDraft
    {
        ClientId::check($id, 'draft');

        return StandardDraft::query()->where('user_id', $user->id)->find($id);
    }
}
