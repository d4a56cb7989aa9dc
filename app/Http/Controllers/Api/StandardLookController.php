<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\MarkedTray;
use App\Actions\MarkedTrays;
use App\Actions\PractisedStandards;
use App\Http\CsvFile;
use App\Http\Resources\CriterionLookView;
use App\Http\Resources\LevelLookView;
use App\Http\Resources\StandardLookView;
use App\Http\Resources\WindowLookView;
use App\Models\PublishedStandard;
use DeftBlade\Core\Trends\StandardLook;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** The standard itself, looked at by the trays that were marked by it. */
final class StandardLookController
{
    public function __construct(private readonly MarkedTrays $trays, private readonly PractisedStandards $standards) {}

    #[OA\Get(path: '/standards/{standard}/look-back', operationId: 'standardLook', tags: ['look back'])]
    #[OA\PathParameter(name: 'standard', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'How its criteria and windows measure, and what is worth a look in the editor', content: new OA\JsonContent(ref: StandardLookView::class))]
    #[OA\Response(response: 404, ref: '#/components/responses/Problem')]
    public function show(PublishedStandard $standard): JsonResponse
    {
        return new JsonResponse($this->view($standard));
    }

    #[OA\Get(path: '/standards/{standard}/look-back.csv', operationId: 'standardLookCsv', tags: ['look back'])]
    #[OA\PathParameter(name: 'standard', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\Response(response: 200, description: 'A row for each criterion and each window', content: new OA\MediaType(mediaType: 'text/csv', schema: new OA\Schema(type: 'string')))]
    public function csv(PublishedStandard $standard): Response
    {
        $view = $this->view($standard);
        $round = static fn(?float $it): ?float => $it === null ? null : round($it, 4);

        return CsvFile::of("$view->key-look-back.csv", [
            ['Of', 'Title', 'Trays', 'Share of points', 'Goes with the others', 'Share within', 'Given, lowest step first'],
            ...array_map(static fn(CriterionLookView $it): array => ['Criterion', $it->title, $it->trays, $round($it->difficulty), $round($it->discrimination), null, implode(' ', array_map(static fn(LevelLookView $level): int => $level->given, $it->levels))], $view->criteria),
            ...array_map(static fn(WindowLookView $it): array => ['Window', $it->title, $it->trays, null, null, $round($it->within), null], $view->windows),
        ]);
    }

    private function view(PublishedStandard $standard): StandardLookView
    {
        Gate::authorize('view', $standard);
        $practised = $this->standards->of($standard->latest());
        $trays = $this->trays->of($standard->key);
        $look = new StandardLook($practised->standard, MarkedTray::judgedBy($practised->standard, $trays));

        return StandardLookView::of($practised, $look, count($trays));
    }
}
