<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\Find;
use App\Http\Resources\FoundView;
use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\PublishedStandard;
use App\School\School;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

final class FindController
{
    private const LONGEST = 100;

    #[OA\Get(path: '/find', operationId: 'find', description: 'Practicals, students and standards by a part of their names; every word must be there, in any order.', tags: ['bench'])]
    #[OA\QueryParameter(name: 'text', required: true, schema: new OA\Schema(type: 'string'))]
    #[OA\Response(response: 200, description: 'Up to six of each kind', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: FoundView::class)))]
    #[OA\Response(response: 403, ref: '#/components/responses/Problem')]
    public function index(Request $request, School $school): JsonResponse
    {
        Gate::authorize('viewAny', Assessment::class);
        $request->validate(['text' => ['required', 'string', 'max:'.self::LONGEST]]);
        $find = Find::of($request->string('text')->toString());
        $said = $school->vocabulary()->say(...);

        return new JsonResponse([
            ...$find->practicals()->map(static fn(Assessment $it): FoundView => new FoundView('practical', $it->id, $it->title, "{$it->group->name}, {$it->held_on->toDateString()}")),
            ...$find->students()->map(static fn(Attempt $it): FoundView => new FoundView('student', $it->id, $it->student->name, "{$it->assessment->title}, {$it->assessment->held_on->toDateString()}")),
            ...$find->standards()->map(static fn(PublishedStandard $it): FoundView => new FoundView('standard', $it->id, $said(is_string($it->document->title ?? null) ? $it->document->title : $it->key), "version $it->version")),
        ]);
    }
}
