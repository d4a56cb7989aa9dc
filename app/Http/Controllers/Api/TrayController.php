<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\ReadTray;
use App\Http\Resources\TrayView;
use App\Models\Attempt;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

final class TrayController
{
    #[OA\Get(path: '/attempts/{attempt}', operationId: 'tray', tags: ['tray'])]
    #[OA\PathParameter(name: 'attempt', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'The tray as it stands', content: new OA\JsonContent(ref: TrayView::class))]
    #[OA\Response(response: 404, ref: '#/components/responses/Problem')]
    public function show(Attempt $attempt, ReadTray $reading, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('view', $attempt);

        return new JsonResponse(TrayView::of($attempt, $reading->grade($attempt, $user), $user));
    }
}
