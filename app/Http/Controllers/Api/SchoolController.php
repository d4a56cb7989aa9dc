<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\School\School;
use App\Http\Resources\SchoolView;
use App\Http\Resources\OwnWordView;
use App\Models\SchoolSetting;
use App\Models\PublishedStandard;
use App\Models\User;
use Carbon\CarbonImmutable;
use DeftBlade\Core\School\SchoolSettings;
use DeftBlade\Core\Json\Node;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

final class SchoolController
{
    #[OA\Get(path: '/school', operationId: 'school', tags: ['standards'])]
    #[OA\Response(response: 200, description: 'Words, units and variants of practice', content: new OA\JsonContent(ref: SchoolView::class))]
    public function show(School $school): JsonResponse
    {
        Gate::authorize('viewAny', PublishedStandard::class);

        return new JsonResponse(SchoolView::of($school));
    }

    #[OA\Put(path: '/school', operationId: 'setSchool', description: 'Chooses for the school. Practicals that are set up already keep what was chosen then.', tags: ['standards'])]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(required: ['units', 'words', 'variants'], properties: [
        new OA\Property(property: 'units', type: 'string', enum: ['metric', 'us']),
        new OA\Property(property: 'words', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string')),
        new OA\Property(property: 'variants', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string')),
        new OA\Property(property: 'own', type: 'array', items: new OA\Items(ref: OwnWordView::class)),
    ]))]
    #[OA\Response(response: 200, description: 'As chosen', content: new OA\JsonContent(ref: SchoolView::class))]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function update(Request $request, School $school, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('publish', PublishedStandard::class);
        $document = Node::decode($request->getContent())->document();
        $settings = SchoolSettings::read(Node::of($document, 'school'), $school->lexicon, $school->catalogue);
        if ($settings != $school->settings) {
            SchoolSetting::query()->create(['document' => $document, 'set_by' => $user->id, 'set_at' => CarbonImmutable::now()]);
        }

        return new JsonResponse(SchoolView::of(new School($school->lexicon, $school->catalogue, $settings)));
    }
}
