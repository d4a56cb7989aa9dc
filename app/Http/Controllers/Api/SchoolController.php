<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\ChooseForSchool;
use App\Http\Precondition;
use App\Http\Resources\SchoolView;
use App\Models\PublishedStandard;
use App\Models\User;
use App\School\School;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\School\PracticeShown;
use DeftBlade\Core\Shipped\ShippedDocuments;
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

        return self::answer($school);
    }

    #[OA\Patch(path: '/school', operationId: 'chooseForSchool', description: 'Chooses for the school: only what is named changes (RFC 7396), on the version that If-Match names. Practicals that are set up already keep what was chosen then.', tags: ['standards'])]
    #[OA\HeaderParameter(name: 'If-Match', required: true, description: 'The version this changes, in quotes.', schema: new OA\Schema(type: 'string'))]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(properties: [
        new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'currency', type: 'string'),
        new OA\Property(property: 'units', type: 'string', enum: ['metric', 'us']),
        new OA\Property(property: 'time_zone', type: 'string'),
        new OA\Property(property: 'practice', description: 'Who sees how much a student practises.', type: 'string', enum: PracticeShown::class),
        new OA\Property(property: 'words', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string', nullable: true)),
        new OA\Property(property: 'variants', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string', nullable: true)),
        new OA\Property(property: 'own', description: 'Words of the school by those of the book; null takes one back.', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string', nullable: true)),
    ]))]
    #[OA\Response(response: 200, description: 'As chosen', content: new OA\JsonContent(ref: SchoolView::class))]
    #[OA\Response(response: 412, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 428, ref: '#/components/responses/Problem')]
    public function update(Request $request, ChooseForSchool $choosing, ShippedDocuments $shipped, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('choose', PublishedStandard::class);
        $choosing->choose(Node::decode($request->getContent()), Precondition::number($request), $user);

        return self::answer(School::inForce($shipped));
    }

    private static function answer(School $school): JsonResponse
    {
        return new JsonResponse(SchoolView::of($school), headers: ['ETag' => Precondition::etag($school->version)]);
    }
}
