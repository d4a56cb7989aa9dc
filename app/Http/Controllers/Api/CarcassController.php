<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Http\Resources\CarcassView;
use App\Models\PublishedStandard;
use DeftBlade\Core\Shipped\ShippedDocuments;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

final class CarcassController
{
    #[OA\Get(path: '/carcasses', operationId: 'carcasses', tags: ['standards'])]
    #[OA\Response(response: 200, description: 'The carcasses a standard can be written for', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: CarcassView::class)))]
    public function index(ShippedDocuments $shipped): JsonResponse
    {
        Gate::authorize('viewAny', PublishedStandard::class);

        return new JsonResponse(array_map(static fn(string $key): CarcassView => CarcassView::of($key, $shipped), $shipped->carcasses()));
    }
}
