<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\ReleaseResults;
use App\Models\Assessment;
use App\Models\User;
use DeftBlade\Core\Capture\Field;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

final class ReleaseController
{
    private const UUID = '/^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/Di';

    #[OA\Post(path: '/assessments/{assessment}/release', operationId: 'release', description: 'Issues results to their students: the first version, or the next where facts have moved on since. Without a body, every final result that was never issued. Sent again, nothing more is issued.', tags: ['verdict'])]
    #[OA\PathParameter(name: 'assessment', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\RequestBody(required: false, content: new OA\JsonContent(properties: [
        new OA\Property(property: 'attempts', type: 'array', items: new OA\Items(type: 'string', format: 'uuid')),
        new OA\Property(property: 'reason', description: 'Why results are issued again; must be there where one is.', type: 'string'),
    ]))]
    #[OA\Response(response: 200, description: 'How many were issued', content: new OA\JsonContent(required: ['released'], properties: [new OA\Property(property: 'released', type: 'integer')]))]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function store(Request $request, Assessment $assessment, ReleaseResults $releasing, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('release', $assessment);
        $body = Node::decode($request->getContent() === '' ? '{}' : $request->getContent());
        $body = $body->isList() && $body->items() === [] ? Node::of(new \stdClass()) : $body->keys([], ['attempts', 'reason']);
        $attempts = $body->has('attempts') ? array_map(static fn(Node $it): string => $it->matching(self::UUID, MessageCode::NotAUuid), $body->at('attempts')->items()) : null;
        $reason = $body->has('reason') ? $body->at('reason')->text(Field::LONGEST_TEXT) : '';

        return new JsonResponse(['released' => $releasing->release($assessment, $user, $attempts, $reason)]);
    }
}
