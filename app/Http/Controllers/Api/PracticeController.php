<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\FindOwnTries;
use App\Actions\MakeQuiz;
use App\Http\Resources\PracticeItemView;
use App\Http\Resources\PracticeView;
use App\Http\Resources\QuizQuestionView;
use App\Http\StandardsInBrief;
use App\Models\PublishedStandard;
use App\Models\User;
use App\School\School;
use DeftBlade\Core\Quiz\QuizQuestion;
use DeftBlade\Core\Shipped\ShippedDocuments;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** What anybody signed in practises by themselves: nothing of it is kept. */
final class PracticeController
{
    private const LONGEST_ROUND = 40;

    #[OA\Get(path: '/practice', operationId: 'practice', tags: ['practice'])]
    #[OA\Response(response: 200, description: 'Every standard, what whoever asks cuts next first', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: PracticeItemView::class)))]
    public function index(StandardsInBrief $standards, FindOwnTries $tries, School $school, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('practise', PublishedStandard::class);
        $latest = PublishedStandard::latestOfEach()->get();
        $brief = $standards->ofPublished($latest);
        $today = $school->today()->toDateString();
        $days = $tries->daysOf($user);
        $items = array_values($latest->map(static function (PublishedStandard $it) use ($brief, $days, $today): PracticeItemView {
            $own = $days[$it->key] ?? [];
            $coming = array_filter($own, static fn(string $day): bool => $day >= $today);

            return PracticeItemView::of($it, $brief[$it->id], $coming === [] ? null : min($coming), count($own) - count($coming));
        })->all());
        usort($items, static fn(PracticeItemView $one, PracticeItemView $other): int => [$one->next_on ?? '9999', -$one->tries, $one->title] <=> [$other->next_on ?? '9999', -$other->tries, $other->title]);

        return new JsonResponse($items);
    }

    #[OA\Get(path: '/practice/{standard}', operationId: 'followAlong', tags: ['practice'])]
    #[OA\PathParameter(name: 'standard', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'Its method card, and what cost most last time', content: new OA\JsonContent(ref: PracticeView::class))]
    #[OA\Response(response: 404, ref: '#/components/responses/Problem')]
    public function show(PublishedStandard $standard, FindOwnTries $tries, ShippedDocuments $shipped, School $school, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('practise', PublishedStandard::class);

        return new JsonResponse(PracticeView::of($standard, $tries->lastReleased($user, $standard->key), $shipped, $school));
    }

    #[OA\Get(path: '/practice/{standard}/quiz', operationId: 'quiz', tags: ['practice'])]
    #[OA\PathParameter(name: 'standard', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\QueryParameter(name: 'round', required: true, description: 'The same round asks the same.', schema: new OA\Schema(type: 'string', maxLength: self::LONGEST_ROUND))]
    #[OA\Response(response: 200, description: 'Questions with their answers', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: QuizQuestionView::class)))]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function quiz(PublishedStandard $standard, Request $request, MakeQuiz $making, School $school): JsonResponse
    {
        Gate::authorize('practise', PublishedStandard::class);
        $request->validate(['round' => ['required', 'string', 'max:'.self::LONGEST_ROUND]]);
        $sentences = $school->sentences();

        return new JsonResponse(array_map(static fn(QuizQuestion $it): QuizQuestionView => QuizQuestionView::of($it, $sentences), $making->make($standard, $request->string('round')->toString())));
    }
}
