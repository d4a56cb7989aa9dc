<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\TryStandard;
use App\Models\PublishedPolicy;
use App\Models\PublishedStandard;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Weighing\Mass;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

final class TryStandardController
{
    #[OA\Post(path: '/standards/try', operationId: 'tryStandard', description: 'Grades a made-up tray by a draft, under the policy of the school, and stores nothing. The same seed gives the same carcass.', tags: ['standards'])]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(required: ['document', 'ap_mg', 'skill', 'care', 'seed'], properties: [
        new OA\Property(property: 'document', ref: '#/components/schemas/Standard'),
        new OA\Property(property: 'ap_mg', description: 'The carcass as purchased, in mg.', type: 'integer'),
        new OA\Property(property: 'skill', description: '0 to 1: how high the levels come out.', type: 'number'),
        new OA\Property(property: 'care', description: '0 to 1: how little goes to the trim and stays on the frame.', type: 'number'),
        new OA\Property(property: 'seed', type: 'string'),
    ]))]
    #[OA\Response(response: 200, description: 'What this tray would get', content: new OA\JsonContent(ref: '#/components/schemas/AttemptResult'))]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function store(Request $request, TryStandard $trying): JsonResponse
    {
        Gate::authorize('publish', PublishedStandard::class);
        $sent = Node::decode($request->getContent())->keys(['document', 'ap_mg', 'skill', 'care', 'seed']);
        $result = $trying->try(
            $sent->at('document')->document(),
            PublishedPolicy::inForce()->document,
            Mass::ofMilligrams($sent->at('ap_mg')->integer(1, Mass::MOST_MG)),
            $sent->at('skill')->number(0, 1),
            $sent->at('care')->number(0, 1),
            $sent->at('seed')->text(),
        );

        return new JsonResponse($result);
    }
}
