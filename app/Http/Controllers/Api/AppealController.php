<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\AnswerAppeal;
use App\Actions\AppealDays;
use App\Actions\Conflict;
use App\Actions\MakeAppeal;
use App\Http\ClientId;
use App\Http\Prints\AppealFile;
use App\Http\Resources\AppealsView;
use App\Http\Resources\AppealView;
use App\Http\Resources\NameView;
use App\Models\Appeal;
use App\Models\AppealOutcome;
use App\Models\Attempt;
use App\Models\Release;
use App\Models\Role;
use App\Models\User;
use DeftBlade\Core\Capture\Field;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;
use OpenApi\Attributes as OA;

final class AppealController
{
    private const MOST_VERSIONS = 10_000;

    public function __construct(private readonly AppealDays $days) {}

    #[OA\Get(path: '/attempts/{attempt}/appeals', operationId: 'appealsOf', tags: ['appeals'])]
    #[OA\PathParameter(name: 'attempt', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'The appeals against this result', content: new OA\JsonContent(ref: AppealsView::class))]
    #[OA\Response(response: 404, ref: '#/components/responses/Problem')]
    public function index(Attempt $attempt, #[CurrentUser] User $user): JsonResponse
    {
        return $this->answer($this->seen($attempt, $user), $user);
    }

    #[OA\Put(path: '/attempts/{attempt}/appeals/{appeal}', operationId: 'makeAppeal', description: 'A student appeals against lines of the latest version of their own result, under an id the screen made (a UUID).', tags: ['appeals'])]
    #[OA\PathParameter(name: 'attempt', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\PathParameter(name: 'appeal', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(required: ['version', 'lines'], properties: [
        new OA\Property(property: 'version', type: 'integer', minimum: 1),
        new OA\Property(property: 'lines', type: 'array', items: new OA\Items(required: ['reason', 'why'], properties: [
            new OA\Property(property: 'reason', description: 'The place of the reason in the result, from 0.', type: 'integer', minimum: 0),
            new OA\Property(property: 'why', type: 'string'),
        ], type: 'object')),
    ]))]
    #[OA\Response(response: 200, description: 'Made', content: new OA\JsonContent(ref: AppealsView::class))]
    #[OA\Response(response: 404, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 409, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function store(Request $request, Attempt $attempt, string $appeal, MakeAppeal $making, #[CurrentUser] User $user): JsonResponse
    {
        ClientId::check($appeal, 'appeal');
        $this->seen($attempt, $user);
        Gate::authorize('appeal', $attempt);
        $body = Node::decode($request->getContent())->keys(['version', 'lines']);
        $making->make($attempt->load('release.seal'), mb_strtolower($appeal), $body->at('version')->integer(1, self::MOST_VERSIONS), $body->at('lines'), $user);

        return $this->answer($attempt, $user);
    }

    #[OA\Put(path: '/appeals/{appeal}/assignee/{entry}', operationId: 'assignAppeal', description: 'Gives an appeal to somebody who marked in neither round.', tags: ['appeals'])]
    #[OA\PathParameter(name: 'appeal', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\PathParameter(name: 'entry', description: 'Made by the screen.', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(required: ['person'], properties: [new OA\Property(property: 'person', type: 'string', format: 'uuid')]))]
    #[OA\Response(response: 200, description: 'Given to them', content: new OA\JsonContent(ref: AppealsView::class))]
    #[OA\Response(response: 409, ref: '#/components/responses/Problem')]
    public function assign(Request $request, Appeal $appeal, string $entry, AnswerAppeal $answering, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('assignAppeal', $appeal->attempt);
        ClientId::check($entry, 'entry');
        $person = Node::decode($request->getContent())->keys(['person'])->at('person');
        $found = Str::isUuid($person->text()) ? User::query()->find($person->text()) : null;
        $answering->assign($appeal->load('entries'), mb_strtolower($entry), $found ?? throw $person->fail(MessageCode::NoAssessor), $user);

        return $this->answer($this->seen($appeal->attempt, $user), $user);
    }

    #[OA\Put(path: '/appeals/{appeal}/decisions/{entry}', operationId: 'decideAppeal', description: 'Says what became of one line, by the person it was given to. A later decision takes the place of an earlier one.', tags: ['appeals'])]
    #[OA\PathParameter(name: 'appeal', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\PathParameter(name: 'entry', description: 'Made by the screen.', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(required: ['line', 'outcome', 'reason'], properties: [
        new OA\Property(property: 'line', description: 'From 0.', type: 'integer', minimum: 0),
        new OA\Property(property: 'outcome', type: 'string', enum: AppealOutcome::class),
        new OA\Property(property: 'reason', description: 'The student reads it.', type: 'string'),
    ]))]
    #[OA\Response(response: 200, description: 'Decided', content: new OA\JsonContent(ref: AppealsView::class))]
    #[OA\Response(response: 409, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function decide(Request $request, Appeal $appeal, string $entry, AnswerAppeal $answering, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('view', $appeal->attempt);
        ClientId::check($entry, 'entry');
        $body = Node::decode($request->getContent())->keys(['line', 'outcome', 'reason']);
        $reason = trim($body->at('reason')->text(Field::LONGEST_TEXT));
        if ($reason === '') {
            throw $body->at('reason')->fail(MessageCode::MustSayWhy);
        }
        $answering->decide($appeal->load('entries'), mb_strtolower($entry), $body->at('line')->integer(0, count($appeal->lines) - 1), $body->at('outcome')->oneOf(AppealOutcome::class), $reason, $user);

        return $this->answer($this->seen($appeal->attempt, $user), $user);
    }

    #[OA\Get(path: '/appeals/{appeal}/file.pdf', operationId: 'appealFile', description: 'Everything of an appeal as one file: result, lines, decisions, both looks, log.', tags: ['appeals'])]
    #[OA\PathParameter(name: 'appeal', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'The file', content: new OA\MediaType(mediaType: 'application/pdf', schema: new OA\Schema(type: 'string', format: 'binary')))]
    #[OA\Response(response: 409, ref: '#/components/responses/Problem')]
    public function file(Appeal $appeal, AppealFile $printing, #[CurrentUser] User $user): Response
    {
        Gate::authorize('view', $appeal->attempt);
        $this->seen($appeal->attempt, $user);

        return new Response($printing->print($appeal->load('entries.author', 'maker'), $user), headers: ['Content-Type' => 'application/pdf', 'Content-Disposition' => 'inline; filename="appeal.pdf"']);
    }

    /** What is not theirs, or not released, is not there for a student; and nobody at a second look is told of it. */
    private function seen(Attempt $attempt, User $user): Attempt
    {
        $attempt->load('student', 'release.seal', 'assessment');
        if (! Gate::allows('viewReleased', $attempt) || $attempt->release === null) {
            throw (new ModelNotFoundException())->setModel(Release::class);
        }
        if ($attempt->isBlindTo($user)) {
            throw Conflict::blind(1);
        }

        return $attempt;
    }

    private function answer(Attempt $attempt, User $user): JsonResponse
    {
        $appeals = Appeal::query()->with('entries.author')->where('attempt_id', $attempt->id)->latest('made_at')->get();
        $release = $attempt->release;
        $markers = [...$attempt->row->judged_by, ...$attempt->row->second_open, ...$attempt->row->second_finished];
        $staff = $user->role === Role::Student ? [] : User::query()->where('role', '<>', Role::Student)->whereNull('left_at')->orderBy('name')->get()->all();
        $hasMarked = static fn(User $it): bool => in_array($it->id, $markers, true);
        $others = $user->role->mayRelease() ? array_filter($staff, static fn(User $it): bool => ! $hasMarked($it)) : [];

        return new JsonResponse(new AppealsView(
            array_values($appeals->map(static fn(Appeal $it): AppealView => AppealView::of($it->setRelation('attempt', $attempt), $user))->all()),
            $release === null ? null : $this->days->lastDay($release)?->toDateString(),
            $release !== null && $this->days->isOpen($release) && $appeals->doesntContain('version', $release->version),
            array_map(NameView::of(...), array_values($others)),
            array_map(NameView::of(...), array_values(array_filter($staff, $hasMarked))),
        ));
    }
}
