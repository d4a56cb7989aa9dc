<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\ComingSupply;
use App\Actions\LotShare;
use App\Actions\NeedAhead;
use App\Actions\ReadNeeds;
use App\Actions\ReadTables;
use App\Http\LotViews;
use App\Http\Resources\ComingSupplyView;
use App\Http\Resources\LotShareView;
use App\Http\Resources\NeedsView;
use App\Http\Resources\NeedView;
use App\Http\Resources\ProductNameView;
use App\Http\Resources\SpareLotView;
use App\Models\LotRow;
use App\School\School;
use DeftBlade\Core\Lots\ProductName;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** What coming practicals and menus need. */
final class NeedController
{
    public function __construct(private readonly School $school, private readonly LotViews $lots) {}

    #[OA\Get(path: '/ledger/needs', operationId: 'needs', tags: ['ledger'])]
    #[OA\Response(response: 200, description: 'What the coming days need, matched to what is on hand', content: new OA\JsonContent(ref: NeedsView::class))]
    public function index(ReadNeeds $reading, ReadTables $tables): JsonResponse
    {
        Gate::authorize('viewAny', LotRow::class);
        $ahead = $reading->ahead();
        $kitchen = $tables->kitchen();
        $words = $this->school->vocabulary();

        return new JsonResponse(new NeedsView(
            $this->school->today()->toDateString(),
            array_map($this->need(...), $ahead->needs),
            array_map(static fn(LotShare $it): SpareLotView => new SpareLotView($it->lot->id, $it->massMg, array_map($words->say(...), $kitchen->becomes($it->lot->product, $it->lot->class))), $ahead->spare),
            array_map(static fn(ProductName $it): ProductNameView => ProductNameView::of($it, $words), $ahead->products),
        ));
    }

    private function need(NeedAhead $need): NeedView
    {
        $lots = $this->lots->of(new Collection(array_map(static fn(LotShare $it): LotRow => $it->lot, $need->lots)));

        return new NeedView(
            $need->row->id,
            ProductNameView::of($need->row->name(), $this->school->vocabulary()),
            $need->row->pieces,
            $need->row->needed_on->toDateString(),
            (int) $this->school->today()->diffInDays($need->row->needed_on),
            $need->row->destination,
            $need->row->text,
            $need->wantedMg,
            $need->servedMg,
            $need->shortMg,
            array_map(static fn($lot, LotShare $share): LotShareView => new LotShareView($lot, $share->massMg), $lots, $need->lots),
            array_map(static fn(ComingSupply $it): ComingSupplyView => ComingSupplyView::of($it), $need->coming),
        );
    }
}
