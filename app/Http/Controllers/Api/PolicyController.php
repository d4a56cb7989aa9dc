<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Models\PublishedPolicy;
use App\Models\PublishedStandard;
use App\School\School;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

final class PolicyController
{
    #[OA\Get(path: '/policy', operationId: 'policy', tags: ['standards'])]
    #[OA\Response(response: 200, description: 'The policy of the school, latest version', content: new OA\JsonContent(ref: '#/components/schemas/Policy'))]
    #[OA\Response(response: 404, ref: '#/components/responses/Problem')]
    public function show(School $school): JsonResponse
    {
        Gate::authorize('viewAny', PublishedStandard::class);

        return new JsonResponse($school->said(PublishedPolicy::inForce()->document));
    }
}
