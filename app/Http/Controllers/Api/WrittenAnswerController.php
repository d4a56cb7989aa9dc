<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\HandInAnswer;
use App\Actions\ReadWrittenAnswers;
use App\Http\Resources\PushedNewsView;
use App\Http\Resources\WrittenAnswersView;
use App\Live\Push;
use App\Models\Attempt;
use App\Models\User;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** What a student hands in before their practical. */
final class WrittenAnswerController
{
    private const MOST_AT_ONCE = 50;

    public function __construct(private readonly ReadWrittenAnswers $reading) {}

    #[OA\Get(path: '/attempts/{attempt}/answers', operationId: 'writtenAnswers', tags: ['practice'])]
    #[OA\PathParameter(name: 'attempt', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'What is asked, and what whoever asks handed in', content: new OA\JsonContent(ref: WrittenAnswersView::class))]
    #[OA\Response(response: 404, ref: '#/components/responses/Problem')]
    public function show(Attempt $attempt): JsonResponse
    {
        Gate::authorize('handIn', $attempt);

        return new JsonResponse(WrittenAnswersView::of($this->reading->of($attempt)));
    }

    #[OA\Post(path: '/attempts/{attempt}/answers', operationId: 'handIn', description: 'A student hands answers to their own practical in, all or none; a later one takes the place of an earlier one. Each id is accepted once, so a request may be sent again.', tags: ['practice'])]
    #[OA\PathParameter(name: 'attempt', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(required: ['answers'], properties: [
        new OA\Property(property: 'answers', type: 'array', items: new OA\Items(required: ['id', 'criterion', 'text'], properties: [
            new OA\Property(property: 'id', type: 'string', format: 'uuid'),
            new OA\Property(property: 'criterion', type: 'string'),
            new OA\Property(property: 'text', type: 'string'),
        ])),
    ]))]
    #[OA\Response(response: 200, description: 'Handed in', content: new OA\JsonContent(ref: WrittenAnswersView::class))]
    #[OA\Response(response: 404, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 409, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function store(Request $request, Attempt $attempt, HandInAnswer $handing, Push $push, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('handIn', $attempt);
        $answers = Node::decode($request->getContent())->keys(['answers'])->at('answers');
        if (count($answers->items()) > self::MOST_AT_ONCE) {
            throw $answers->fail(MessageCode::TooManyCaptures, ['most' => self::MOST_AT_ONCE]);
        }
        $recorded = $handing->handIn($attempt, array_map(static fn(Node $it): \stdClass => $it->document(), $answers->items()), $user);
        if ($recorded->new !== []) {
            $push->classStands($attempt->assessment_id, PushedNewsView::standsAt($attempt->row->last_seq));
        }

        return new JsonResponse(WrittenAnswersView::of($this->reading->of($attempt->load('captures'))));
    }
}
