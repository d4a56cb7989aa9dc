<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\PractisedStandards;
use App\Actions\ReadFairness;
use App\Http\CsvFile;
use App\Http\Resources\DifferenceView;
use App\Http\Resources\FactorView;
use App\Http\Resources\FairnessView;
use App\Http\Resources\IntervalView;
use App\Http\Resources\SizeEffectView;
use App\Models\Assessment;
use App\Models\PublishedStandard;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** Whether totals go with what they should not go with. */
final class FairnessController
{
    public function __construct(private readonly ReadFairness $reading, private readonly PractisedStandards $standards) {}

    #[OA\Get(path: '/standards/{standard}/fairness', operationId: 'fairness', tags: ['look back'])]
    #[OA\PathParameter(name: 'standard', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'Differences with their intervals', content: new OA\JsonContent(ref: FairnessView::class))]
    #[OA\Response(response: 404, ref: '#/components/responses/Problem')]
    public function show(PublishedStandard $standard): JsonResponse
    {
        return new JsonResponse($this->view($standard));
    }

    #[OA\Get(path: '/standards/{standard}/fairness.csv', operationId: 'fairnessCsv', tags: ['look back'])]
    #[OA\PathParameter(name: 'standard', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'A row for each difference', content: new OA\MediaType(mediaType: 'text/csv', schema: new OA\Schema(type: 'string')))]
    public function csv(PublishedStandard $standard): Response
    {
        $view = $this->view($standard);
        $cells = static fn(?IntervalView $it, int $places): array => $it === null ? [null, null, null] : [round($it->value, $places), round($it->low, $places), round($it->high, $places)];
        $rows = array_merge([], ...array_map(static fn(FactorView $factor): array => array_map(static fn(DifferenceView $it): array => [$factor->factor->value, $it->value, $it->trays, $it->others, ...$cells($it->points, 2)], $factor->values), $view->factors));
        $sizes = array_map(static fn(SizeEffectView $it): array => ['size', $it->title ?? 'total', $it->trays, null, ...$cells($it->per_kg, 5)], [$view->size, ...$view->pieces]);

        return CsvFile::of("$view->key-fairness.csv", [['Of', 'Value', 'Trays', 'Others', 'Difference', 'Low', 'High'], ...$rows, ...$sizes]);
    }

    private function view(PublishedStandard $standard): FairnessView
    {
        Gate::authorize('moderate', Assessment::class);

        return FairnessView::of($this->standards->of($standard->latest()), $this->reading->of($standard->key));
    }
}
