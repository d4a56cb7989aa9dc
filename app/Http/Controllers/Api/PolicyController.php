<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\InvalidDocument;
use App\Actions\PublishPolicy;
use App\Actions\TryPolicy;
use App\Http\AskedDays;
use App\Http\JudgedComponents;
use App\Http\Precondition;
use App\Http\Resources\PlacedError;
use App\Http\Resources\PolicyTrialView;
use App\Http\Resources\PolicyView;
use App\Http\Resources\TriedClassView;
use App\Http\Resources\TriedTermView;
use App\Models\PublishedPolicy;
use App\Models\PublishedStandard;
use App\Models\User;
use App\School\School;
use DeftBlade\Core\Grading\GuardBand;
use DeftBlade\Core\Grading\Policy;
use DeftBlade\Core\Grading\PolicyDiff;
use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Package\ResultDocument;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Weighing\Mass;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

final class PolicyController
{
    /** The piece by which the decision rule is explained: about a breast of a training chicken. */
    private const A_PIECE_MG = 300_000;

    private const USUAL_DAYS = 111;

    public function __construct(private readonly School $school, private readonly ShippedDocuments $shipped) {}

    #[OA\Get(path: '/policy', operationId: 'policy', tags: ['standards'])]
    #[OA\Response(response: 200, description: 'The policy of the school, latest version', content: new OA\JsonContent(ref: PolicyView::class))]
    #[OA\Response(response: 404, ref: '#/components/responses/Problem')]
    public function show(): JsonResponse
    {
        Gate::authorize('viewAny', PublishedStandard::class);

        return $this->answer(PublishedPolicy::inForce());
    }

    #[OA\Post(path: '/policy', operationId: 'publishPolicy', description: 'Publishes a policy as the next version of the school\'s, on the version that If-Match names. Practicals that are set up already keep theirs. A document that says what the latest version says is that version.', tags: ['standards'])]
    #[OA\HeaderParameter(name: 'If-Match', required: true, description: 'The version this was written on, in quotes.', schema: new OA\Schema(type: 'string'))]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/Policy'))]
    #[OA\Response(response: 200, description: 'As published', content: new OA\JsonContent(ref: PolicyView::class))]
    #[OA\Response(response: 412, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 428, ref: '#/components/responses/Problem')]
    public function store(Request $request, PublishPolicy $publishing, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('choose', PublishedStandard::class);

        return $this->answer($publishing->publish(Node::decode($request->getContent())->document(), Precondition::number($request), $user));
    }

    #[OA\Post(path: '/policy/try', operationId: 'tryPolicy', description: 'Reads a policy to the end, grades the last three classes with final results under it, and stores nothing.', tags: ['standards'])]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/Policy'))]
    #[OA\Response(response: 200, description: 'What it would do', content: new OA\JsonContent(ref: PolicyTrialView::class))]
    public function try(Request $request, TryPolicy $trying, JudgedComponents $judged, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('choose', PublishedStandard::class);
        $document = Node::decode($request->getContent())->document();
        $examination = Policy::examine($document);
        $sentences = $this->school->sentences();
        if ($examination->policy === null) {
            return new JsonResponse(new PolicyTrialView(array_map(static fn(InvalidPackage $it): PlacedError => PlacedError::of($it, $sentences), $examination->problems), [], null, [], []));
        }

        return new JsonResponse(new PolicyTrialView(
            [],
            array_map($sentences->say(...), PolicyDiff::between(PublishedPolicy::inForce()->document, $document)),
            $sentences->say(GuardBand::of($examination->policy, Mass::ofMilligrams(self::A_PIECE_MG))),
            array_map(TriedClassView::of(...), $trying->try($document, $user)),
            $judged->without($examination->policy),
        ));
    }

    #[OA\Post(path: '/policy/try-term', operationId: 'tryPolicyOverTerm', description: 'Grades every class of some days under a policy that is not published, and stores nothing.', tags: ['standards'])]
    #[OA\QueryParameter(name: 'from', description: 'The Monday 15 weeks ago where nothing is said.', schema: new OA\Schema(type: 'string', format: 'date'))]
    #[OA\QueryParameter(name: 'to', description: '16 weeks where nothing is said.', schema: new OA\Schema(type: 'string', format: 'date'))]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/Policy'))]
    #[OA\Response(response: 200, description: 'Bands before and after, who moves, and what agreement becomes', content: new OA\JsonContent(ref: TriedTermView::class))]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function tryTerm(Request $request, TryPolicy $trying, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('choose', PublishedStandard::class);
        $document = Node::decode($request->getContent())->document();
        $examination = Policy::examine($document);
        if ($examination->problems !== []) {
            throw new InvalidDocument('policy', $examination->problems);
        }
        $days = AskedDays::of($request, $this->school->today()->startOfWeek()->subWeeks(15), self::USUAL_DAYS);

        return new JsonResponse(TriedTermView::of($days->from, $days->to, $trying->overTerm($document, $days->from, $days->to, $user)));
    }

    #[OA\Get(path: '/policy/document', operationId: 'policyDocument', tags: ['standards'])]
    #[OA\Response(response: 200, description: 'The latest version as it stands inside an assessment package', content: new OA\JsonContent(ref: '#/components/schemas/Policy'))]
    public function document(): Response
    {
        Gate::authorize('viewAny', PublishedStandard::class);
        $policy = PublishedPolicy::inForce();

        return new Response(json_encode($policy->document, ResultDocument::JSON_FLAGS | JSON_PRETTY_PRINT), headers: [
            'Content-Type' => 'application/json',
            'Content-Disposition' => "attachment; filename=\"policy-{$policy->key}-{$policy->version}.json\"",
        ]);
    }

    private function answer(PublishedPolicy $policy): JsonResponse
    {
        $versions = PublishedPolicy::query()->with('publishedBy')->where('key', $policy->key)->orderBy('version')->get();

        return new JsonResponse(PolicyView::of($policy, $versions, $this->school, $this->shipped), headers: ['ETag' => Precondition::etag($policy->version)]);
    }
}
