<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\ReleaseResults;
use App\Models\Assessment;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

final class ReleaseController
{
    #[OA\Post(path: '/assessments/{assessment}/release', operationId: 'release', description: 'Releases every final result that is not released yet.', tags: ['verdict'])]
    #[OA\PathParameter(name: 'assessment', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'How many were released', content: new OA\JsonContent(required: ['released'], properties: [new OA\Property(property: 'released', type: 'integer')]))]
    public function store(Assessment $assessment, ReleaseResults $releasing, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('release', $assessment);

        return new JsonResponse(['released' => $releasing->release($assessment, $user)]);
    }
}
