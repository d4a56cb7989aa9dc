<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\PublishStandard;
use App\Http\Precondition;
use App\Http\Prints\Paper;
use App\Http\Prints\StandardPrint;
use App\Http\Resources\CheckView;
use App\Http\Resources\ShelfItemView;
use App\Http\Resources\StandardView;
use App\Http\StandardsInBrief;
use App\Models\PublishedStandard;
use App\Models\User;
use App\School\School;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Package\ResultDocument;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Weighing\Mass;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

final class StandardController
{
    #[OA\Get(path: '/standards', operationId: 'shelf', tags: ['standards'])]
    #[OA\Response(response: 200, description: 'The latest version of every standard', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: ShelfItemView::class)))]
    public function index(StandardsInBrief $standards): JsonResponse
    {
        Gate::authorize('viewAny', PublishedStandard::class);
        $latest = PublishedStandard::latestOfEach()->withCount('assessments')->get();
        $brief = $standards->ofPublished($latest);

        return new JsonResponse(array_values($latest->map(static fn(PublishedStandard $it): ShelfItemView => ShelfItemView::of($it, $brief[$it->id]))->all()));
    }

    #[OA\Get(path: '/standards/{standard}', operationId: 'standard', tags: ['standards'])]
    #[OA\PathParameter(name: 'standard', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'A standard, opened', content: new OA\JsonContent(ref: StandardView::class))]
    #[OA\Response(response: 404, ref: '#/components/responses/Problem')]
    public function show(PublishedStandard $standard, ShippedDocuments $shipped, School $school): JsonResponse
    {
        Gate::authorize('view', $standard);

        return new JsonResponse(StandardView::of($standard->load('versions.publishedBy', 'assessments')->loadCount('assessments'), $shipped, $school));
    }

    #[OA\Post(path: '/standards', operationId: 'publishStandard', description: 'Publishes a standard as the next version of its key. Everything that is wrong is named at once, and nothing is stored then; a document that says what the latest version says is that version.', tags: ['standards'])]
    #[OA\HeaderParameter(name: 'If-Match', required: false, description: 'The version this was written on, in quotes; refused where a later one was published since.', schema: new OA\Schema(type: 'string'))]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/Standard'))]
    #[OA\Response(response: 200, description: 'The published version', content: new OA\JsonContent(ref: StandardView::class))]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function store(Request $request, PublishStandard $publishing, ShippedDocuments $shipped, School $school, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('publish', PublishedStandard::class);
        $published = $publishing->publish(Node::decode($request->getContent())->document(), $user, $request->hasHeader('If-Match') ? Precondition::number($request) : null);

        return new JsonResponse(StandardView::of($published->load('versions.publishedBy', 'assessments')->loadCount('assessments'), $shipped, $school));
    }

    #[OA\Post(path: '/standards/check', operationId: 'checkStandard', description: 'Reads a draft to the end and stores nothing.', tags: ['standards'])]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/Standard'))]
    #[OA\Response(response: 200, description: 'How the draft stands', content: new OA\JsonContent(ref: CheckView::class))]
    public function check(Request $request, School $school): JsonResponse
    {
        Gate::authorize('publish', PublishedStandard::class);
        $document = Node::decode($request->getContent())->document();
        $examination = $school->examine($document);
        $latest = $examination->standard === null ? null : PublishedStandard::latestOf($examination->standard->key);

        return new JsonResponse(CheckView::of($examination, $document, $latest, $school));
    }

    #[OA\Get(path: '/standards/{standard}/document', operationId: 'standardDocument', tags: ['standards'])]
    #[OA\PathParameter(name: 'standard', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'The standard as it stands inside an assessment package', content: new OA\JsonContent(ref: '#/components/schemas/Standard'))]
    public function document(PublishedStandard $standard): Response
    {
        Gate::authorize('view', $standard);

        return new Response(json_encode($standard->document, ResultDocument::JSON_FLAGS | JSON_PRETTY_PRINT), headers: [
            'Content-Type' => 'application/json',
            'Content-Disposition' => "attachment; filename=\"{$standard->key}-{$standard->version}.json\"",
        ]);
    }

    #[OA\Get(path: '/standards/{standard}/sheet.pdf', operationId: 'standardSheet', tags: ['standards'])]
    #[OA\PathParameter(name: 'standard', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\QueryParameter(name: 'ap_mg', description: 'The carcass weight the windows are stated for, in mg.', required: true, schema: new OA\Schema(type: 'integer', minimum: 1))]
    #[OA\QueryParameter(name: 'paper', description: 'A4 where none is named and the school weighs in grams, Letter where it weighs in ounces.', schema: new OA\Schema(type: 'string', enum: Paper::class))]
    #[OA\Response(response: 200, description: 'The sheet', content: new OA\MediaType(mediaType: 'application/pdf', schema: new OA\Schema(type: 'string', format: 'binary')))]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function sheet(Request $request, PublishedStandard $standard, StandardPrint $printing, School $school): Response
    {
        Gate::authorize('view', $standard);
        $request->validate(['ap_mg' => ['required', 'integer', 'min:1', 'max:'.Mass::MOST_MG], 'paper' => [Rule::enum(Paper::class)]]);
        $asPurchased = Mass::ofMilligrams($request->integer('ap_mg'));

        return new Response($printing->print($standard->load('versions.publishedBy', 'assessments')->loadCount('assessments'), $asPurchased, $request->enum('paper', Paper::class) ?? Paper::usualWith($school->settings->units)), headers: [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => "inline; filename=\"{$standard->key}-{$standard->version}.pdf\"",
        ]);
    }
}
