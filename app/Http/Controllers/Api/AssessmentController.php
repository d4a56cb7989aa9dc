<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\Conflict;
use App\Actions\HoldAgainst;
use App\Actions\PackAssessment;
use App\Http\Resources\AssessmentView;
use App\Http\Resources\PushedNewsView;
use App\Live\Push;
use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\PublishedStandard;
use App\Models\User;
use App\School\School;
use DeftBlade\Core\Capture\Field;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Shipped\ShippedDocuments;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;
use OpenApi\Attributes as OA;

final class AssessmentController
{
    #[OA\Get(path: '/assessments/{assessment}', operationId: 'assessment', tags: ['assessment'])]
    #[OA\PathParameter(name: 'assessment', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'A practical with its standard and policy', content: new OA\JsonContent(ref: AssessmentView::class))]
    #[OA\Response(response: 404, ref: '#/components/responses/Problem')]
    public function show(Assessment $assessment, ShippedDocuments $shipped, School $school): JsonResponse
    {
        Gate::authorize('view', $assessment);

        return new JsonResponse(AssessmentView::of($assessment->load('group', 'attempts.student'), $shipped, $school));
    }

    #[OA\Get(path: '/assessments/{assessment}/package', operationId: 'package', tags: ['assessment'])]
    #[OA\PathParameter(name: 'assessment', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'The class as an assessment package (docs/formats/assessment.schema.json)', content: new OA\JsonContent(type: 'object'))]
    #[OA\Response(response: 409, ref: '#/components/responses/Problem')]
    public function package(Assessment $assessment, PackAssessment $packing, #[CurrentUser] User $user): Response
    {
        Gate::authorize('view', $assessment);
        $assessment->load('attempts.captures');
        $blind = $assessment->attempts->filter(static fn(Attempt $it): bool => $it->isBlindTo($user))->count();
        if ($blind > 0) {
            throw Conflict::blind($blind);
        }
        $name = Str::slug("{$assessment->title} {$assessment->held_on->toDateString()}");

        return new Response($packing->encode($packing->pack($assessment, $assessment->attempts)), headers: [
            'Content-Type' => 'application/json',
            'Content-Disposition' => "attachment; filename=\"$name.json\"",
        ]);
    }

    #[OA\Post(path: '/assessments/{assessment}/standard', operationId: 'holdAgainst', description: 'Says which published standard the class is held against from now on, as the school has it today. What was taken down stays; it is graded anew, and nothing is stored where it does not fit.', tags: ['assessment'])]
    #[OA\PathParameter(name: 'assessment', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(required: ['standard', 'reason'], properties: [
        new OA\Property(property: 'standard', description: 'The id of the published version.', type: 'string', format: 'uuid'),
        new OA\Property(property: 'reason', type: 'string'),
    ]))]
    #[OA\Response(response: 200, description: 'The practical as it is held now', content: new OA\JsonContent(ref: AssessmentView::class))]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function hold(Request $request, Assessment $assessment, HoldAgainst $holding, Push $push, ShippedDocuments $shipped, School $school, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('setTerms', $assessment);
        $body = Node::decode($request->getContent())->keys(['standard', 'reason']);
        $id = $body->at('standard')->text();
        $standard = Str::isUuid($id) ? PublishedStandard::query()->find($id) : null;
        if ($standard === null) {
            throw $body->at('standard')->fail(MessageCode::NotPublished);
        }
        $reason = trim($body->at('reason')->text(Field::LONGEST_TEXT));
        if ($reason === '') {
            throw $body->at('reason')->fail(MessageCode::MustSayWhy);
        }
        $holding->hold($assessment, $standard, $assessment->held->loadMissing('policy')->policy, $reason, $user);
        $push->classStands($assessment->id, PushedNewsView::standsAt($assessment->latestSeq()));

        return new JsonResponse(AssessmentView::of($assessment->refresh()->load('group', 'attempts.student'), $shipped, $school));
    }
}
