<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Http\LotViews;
use App\Http\Prints\LabelSize;
use App\Http\Prints\Pdf;
use App\Http\Prints\PrintedLot;
use App\Http\Prints\QrCode;
use App\Http\Resources\LotView;
use App\Models\LotEntry;
use App\Models\LotRow;
use App\School\School;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

/** Labels for the containers of lots. */
final class LotLabelController
{
    private const LONGEST_LIST = 4_000;

    public function __construct(private readonly School $school, private readonly LotViews $lots) {}

    #[OA\Get(path: '/ledger/labels', operationId: 'lotLabels', description: 'Labels for lots, as a PDF.', tags: ['ledger'])]
    #[OA\QueryParameter(name: 'lots', required: true, description: 'Ids, with commas between them.', schema: new OA\Schema(type: 'string'))]
    #[OA\QueryParameter(name: 'size', description: 'A sheet of the usual paper where nothing is said.', schema: new OA\Schema(type: 'string', enum: LabelSize::class))]
    #[OA\Response(response: 200, description: 'The labels, in the order they were asked for', content: new OA\MediaType(mediaType: 'application/pdf', schema: new OA\Schema(type: 'string', format: 'binary')))]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function show(Request $request): Response
    {
        Gate::authorize('viewAny', LotRow::class);
        $request->validate(['lots' => ['required', 'string', 'max:'.self::LONGEST_LIST], 'size' => [Rule::enum(LabelSize::class)]]);
        $ids = array_values(array_filter(explode(',', $request->string('lots')->toString()), Str::isUuid(...)));
        $lots = LotRow::query()->findMany($ids)->sortBy(static fn(LotRow $it): int|false => array_search($it->id, $ids, true))->values();
        $by = LotEntry::query()->with('user')->findMany($lots->modelKeys())->mapWithKeys(static fn(LotEntry $it): array => [$it->id => $it->user->name]);
        $units = $this->school->settings->units;
        $size = $request->enum('size', LabelSize::class) ?? LabelSize::usualWith($units);
        $printed = array_map(static fn(LotView $it): PrintedLot => new PrintedLot($it, $by->get($it->id) ?? '', url("/ledger/lots/$it->id")), $this->lots->of($lots));
        $html = view('prints.lots', ['lots' => $printed, 'size' => $size, 'paper' => $size->paper(), 'units' => $units, 'qr' => new QrCode(), 'nonce' => Vite::cspNonce()])->render();

        return new Response(Pdf::of($html), headers: ['Content-Type' => 'application/pdf', 'Content-Disposition' => 'inline; filename="labels.pdf"']);
    }
}
