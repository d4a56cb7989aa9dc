<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\Conflict;
use App\Actions\GradeClass;
use App\Http\Prints\ResultPrint;
use App\Http\Resources\OwnResultView;
use App\Http\Resources\VerdictView;
use App\Models\Attempt;
use App\Models\Release;
use App\Models\User;
use App\School\School;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

final class VerdictController
{
    #[OA\Get(path: '/attempts/{attempt}/verdict', operationId: 'verdict', tags: ['verdict'])]
    #[OA\PathParameter(name: 'attempt', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'The result as it stands now', content: new OA\JsonContent(ref: VerdictView::class))]
    #[OA\Response(response: 409, ref: '#/components/responses/Problem')]
    public function show(Attempt $attempt, GradeClass $grading, School $school, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('view', $attempt);
        self::refuseBlind($attempt, $user);
        $attempt->load('student', 'captures', 'release', 'releases.releasedBy', 'assessment');

        return new JsonResponse(VerdictView::now($attempt, $grading->grade($attempt->assessment, [$attempt]), $school));
    }

    #[OA\Get(path: '/attempts/{attempt}/released', operationId: 'releasedVerdict', tags: ['verdict'])]
    #[OA\PathParameter(name: 'attempt', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\QueryParameter(name: 'version', description: 'Left out: the latest.', schema: new OA\Schema(type: 'integer', minimum: 1))]
    #[OA\Response(response: 200, description: 'A version as it was sealed and shown to the student', content: new OA\JsonContent(ref: VerdictView::class))]
    #[OA\Response(response: 404, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 409, ref: '#/components/responses/Problem')]
    public function released(Request $request, Attempt $attempt, #[CurrentUser] User $user): JsonResponse
    {
        return new JsonResponse(self::sealed($request, $attempt, $user));
    }

    #[OA\Get(path: '/attempts/{attempt}/released.pdf', operationId: 'releasedPdf', description: 'One page; in large print as many as it takes.', tags: ['verdict'])]
    #[OA\PathParameter(name: 'attempt', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\QueryParameter(name: 'version', description: 'Left out: the latest.', schema: new OA\Schema(type: 'integer', minimum: 1))]
    #[OA\QueryParameter(name: 'print', schema: new OA\Schema(type: 'string', enum: ['usual', 'large'], default: 'usual'))]
    #[OA\Response(response: 200, description: 'A version as it was sealed, to be printed', content: new OA\MediaType(mediaType: 'application/pdf', schema: new OA\Schema(type: 'string', format: 'binary')))]
    #[OA\Response(response: 404, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 409, ref: '#/components/responses/Problem')]
    public function releasedPdf(Request $request, Attempt $attempt, ResultPrint $printing, #[CurrentUser] User $user): Response
    {
        $request->validate(['print' => [Rule::in(['usual', 'large'])]]);
        $page = self::sealed($request, $attempt, $user);

        return new Response($printing->print($page, isLarge: $request->query('print') === 'large'), headers: ['Content-Type' => 'application/pdf', 'Content-Disposition' => "inline; filename=\"result-$page->held_on.pdf\""]);
    }

    #[OA\Get(path: '/results', operationId: 'ownResults', tags: ['verdict'])]
    #[OA\Response(response: 200, description: 'The released results of the student who is signed in', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: OwnResultView::class)))]
    public function own(#[CurrentUser] User $user): JsonResponse
    {
        $attempts = Attempt::query()->with('release', 'assessment')
            ->whereRelation('student', 'user_id', $user->id)->whereHas('release')->get()
            ->sortByDesc(static fn(Attempt $it): string => $it->assessment->held_on->toDateString());
        $results = [];
        foreach ($attempts as $attempt) {
            $results[] = $attempt->release === null ? null : OwnResultView::of($attempt, $attempt->release);
        }

        return new JsonResponse(array_values(array_filter($results)));
    }

    private static function refuseBlind(Attempt $attempt, User $user): void
    {
        if ($attempt->isBlindTo($user)) {
            throw Conflict::blind(1);
        }
    }

    private static function sealed(Request $request, Attempt $attempt, User $user): VerdictView
    {
        $request->validate(['version' => ['integer', 'min:1']]);
        self::refuseBlind($attempt, $user);
        $attempt->load('student', 'release', 'releases.releasedBy');
        $release = $request->has('version') ? $attempt->releases->firstWhere('version', $request->integer('version')) : $attempt->releases->last();
        // What is not theirs, or not released, is not there for a student: neither its existence nor its state is told.
        if (! Gate::allows('viewReleased', $attempt) || $release === null) {
            throw (new ModelNotFoundException())->setModel(Release::class);
        }

        return VerdictView::sealed($attempt, $release->load('seal'));
    }
}
