<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Http\Resources\ChangesView;
use App\Http\Resources\ChangeView;
use App\Models\AuditEntry;
use App\Models\User;
use App\School\School;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** What was changed by whom. */
final class ChangesController
{
    private const A_PAGE = 50;

    #[OA\Get(path: '/changes', operationId: 'changes', tags: ['people'])]
    #[OA\QueryParameter(name: 'before', description: 'Only entries before this seq.', schema: new OA\Schema(type: 'integer', minimum: 1))]
    #[OA\Response(response: 200, description: 'A page, the last change first', content: new OA\JsonContent(ref: ChangesView::class))]
    #[OA\Response(response: 403, ref: '#/components/responses/Problem')]
    public function index(Request $request, School $school): JsonResponse
    {
        Gate::authorize('manage', User::class);
        $request->validate(['before' => ['integer', 'min:1']]);
        $found = AuditEntry::query()->with('user')->when($request->has('before'), static fn($query) => $query->where('seq', '<', $request->integer('before')))->latest('seq')->limit(self::A_PAGE + 1)->get();
        $page = $found->take(self::A_PAGE);
        $sentences = $school->sentences();

        return new JsonResponse(new ChangesView(
            array_values($page->map(static fn(AuditEntry $it): ChangeView => ChangeView::of($it, $sentences))->all()),
            $found->count() > self::A_PAGE ? $page->last()?->seq : null,
        ));
    }
}
