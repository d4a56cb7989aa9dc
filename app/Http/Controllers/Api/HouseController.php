<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\House\House;
use App\Http\Resources\HouseView;
use App\Http\Resources\OwnWordView;
use App\Models\HouseSetting;
use App\Models\PublishedStandard;
use App\Models\User;
use Carbon\CarbonImmutable;
use DeftBlade\Core\House\HouseSettings;
use DeftBlade\Core\Json\Node;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

final class HouseController
{
    #[OA\Get(path: '/house', operationId: 'house', tags: ['standards'])]
    #[OA\Response(response: 200, description: 'Words, units and schools of practice', content: new OA\JsonContent(ref: HouseView::class))]
    public function show(House $house): JsonResponse
    {
        Gate::authorize('viewAny', PublishedStandard::class);

        return new JsonResponse(HouseView::of($house));
    }

    #[OA\Put(path: '/house', operationId: 'setHouse', description: 'Chooses for the house. Practicals that are set up already keep what was chosen then.', tags: ['standards'])]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(required: ['units', 'words', 'schools'], properties: [
        new OA\Property(property: 'units', type: 'string', enum: ['metric', 'us']),
        new OA\Property(property: 'words', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string')),
        new OA\Property(property: 'schools', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string')),
        new OA\Property(property: 'own', type: 'array', items: new OA\Items(ref: OwnWordView::class)),
    ]))]
    #[OA\Response(response: 200, description: 'As chosen', content: new OA\JsonContent(ref: HouseView::class))]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function update(Request $request, House $house, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('publish', PublishedStandard::class);
        $document = Node::decode($request->getContent())->document();
        $settings = HouseSettings::read(Node::of($document, 'house'), $house->lexicon, $house->book);
        if ($settings != $house->settings) {
            HouseSetting::query()->create(['document' => $document, 'set_by' => $user->id, 'set_at' => CarbonImmutable::now()]);
        }

        return new JsonResponse(HouseView::of(new House($house->lexicon, $house->book, $settings)));
    }
}
