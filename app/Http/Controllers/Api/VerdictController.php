<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\GradeClass;
use App\Http\Resources\OwnResultView;
use App\Http\Resources\SealView;
use App\Http\Resources\VerdictView;
use App\Models\Attempt;
use App\Models\Capture;
use App\Models\Release;
use App\Models\User;
use App\Photos\Evidence;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Package\PackageFormat;
use DeftBlade\Core\Package\ResultDocument;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

final class VerdictController
{
    #[OA\Get(path: '/attempts/{attempt}/verdict', operationId: 'verdict', tags: ['verdict'])]
    #[OA\PathParameter(name: 'attempt', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'The result as it stands now', content: new OA\JsonContent(ref: VerdictView::class))]
    public function show(Attempt $attempt, GradeClass $grading): JsonResponse
    {
        Gate::authorize('view', $attempt);
        $attempt->load('student', 'captures', 'release.releasedBy', 'assessment.policy');
        $result = $grading->grade($attempt->assessment, [$attempt])->of($attempt->id);
        $seal = $attempt->release === null ? null : SealView::of($attempt->release);

        $captures = array_values($attempt->captures->map(static fn(Capture $it): Node => Node::of($it->inPackage(), 'capture'))->all());

        return new JsonResponse(VerdictView::of($attempt, (object) ResultDocument::attempt($result, PackageFormat::Two), $seal, Evidence::in($captures)));
    }

    #[OA\Get(path: '/attempts/{attempt}/released', operationId: 'releasedVerdict', tags: ['verdict'])]
    #[OA\PathParameter(name: 'attempt', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'The sealed copy, as the student was shown it', content: new OA\JsonContent(ref: VerdictView::class))]
    #[OA\Response(response: 404, ref: '#/components/responses/Problem')]
    public function released(Attempt $attempt): JsonResponse
    {
        $attempt->load('student', 'release.releasedBy', 'assessment.policy');
        // What is not theirs, or not released, is not there for a student: neither its existence nor its state is told.
        if (! Gate::allows('viewReleased', $attempt) || $attempt->release === null) {
            throw (new ModelNotFoundException())->setModel(Release::class);
        }

        return new JsonResponse(VerdictView::of($attempt, $attempt->release->result, SealView::of($attempt->release), Evidence::in(Node::decode($attempt->release->package)->at('attempts')->items()[0]->at('captures')->items())));
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
            $results[] = $attempt->release === null ? null : OwnResultView::of($attempt, $attempt->release->result);
        }

        return new JsonResponse(array_values(array_filter($results)));
    }
}
