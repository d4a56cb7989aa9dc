<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Models\Assessment;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** Whether somebody may follow what is pushed: the web server asks before it lets a device listen. */
final class LiveController
{
    #[OA\Get(path: '/assessments/{assessment}/live', operationId: 'mayFollowClass', description: 'Whether one may listen to the events of a class at /live/class/{assessment}: "stands" with the seq it stands at, "presence".', tags: ['assessment'])]
    #[OA\PathParameter(name: 'assessment', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 204, description: 'They may')]
    #[OA\Response(response: 403, ref: '#/components/responses/Problem')]
    public function assessment(Assessment $assessment): Response
    {
        Gate::authorize('view', $assessment);

        return new Response(status: 204);
    }

    #[OA\Get(path: '/scale/live', operationId: 'mayFollowScale', description: 'Whether one may listen to the events of the scale at /live/scale: those of /scale.', tags: ['scale'])]
    #[OA\Response(response: 204, description: 'They may')]
    #[OA\Response(response: 403, ref: '#/components/responses/Problem')]
    public function scale(): Response
    {
        Gate::authorize('viewAny', Assessment::class);

        return new Response(status: 204);
    }
}
