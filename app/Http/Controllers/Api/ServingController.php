<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Http\LotViews;
use App\Http\Resources\ServingLotView;
use App\Http\Resources\ServingView;
use App\Models\LotRow;
use App\Models\LotWeight;
use App\School\School;
use DeftBlade\Core\Lots\EqualHalves;
use DeftBlade\Core\Lots\OnShelf;
use DeftBlade\Core\Lots\Serving;
use DeftBlade\Core\Lots\Taken;
use DeftBlade\Core\Weighing\Mass;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** How many covers what is on hand makes, and from which lots they come. */
final class ServingController
{
    private const MOST_GUESTS = 10_000;

    private const MG_PER_G = 1_000;

    /** A whole breast is often two plates. */
    private const HALVED = 'breast';

    public function __construct(private readonly School $school, private readonly LotViews $lots) {}

    #[OA\Get(path: '/ledger/serving', operationId: 'serving', tags: ['ledger'])]
    #[OA\QueryParameter(name: 'species', required: true, schema: new OA\Schema(type: 'string'))]
    #[OA\QueryParameter(name: 'product', required: true, schema: new OA\Schema(type: 'string'))]
    #[OA\QueryParameter(name: 'target_mg', required: true, description: 'What a guest should get.', schema: new OA\Schema(type: 'integer', minimum: 1))]
    #[OA\QueryParameter(name: 'guests', required: true, schema: new OA\Schema(type: 'integer', minimum: 0))]
    #[OA\Response(response: 200, description: 'Covers, and what to take', content: new OA\JsonContent(ref: ServingView::class))]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function show(Request $request): JsonResponse
    {
        Gate::authorize('viewAny', LotRow::class);
        $request->validate([
            'species' => ['required', 'string', 'max:200'],
            'product' => ['required', 'string', 'max:128'],
            'target_mg' => ['required', 'integer', 'min:1', 'max:'.Mass::MOST_MG],
            'guests' => ['required', 'integer', 'min:0', 'max:'.self::MOST_GUESTS],
        ]);
        $product = $request->string('product')->toString();
        $lots = $this->fit($request->string('species')->toString(), $product);
        $shelf = array_values($lots->map(static fn(LotRow $it): OnShelf => new OnShelf($it->id, $it->on_hand_mg, $it->frozen_since !== null))->all());
        $serving = Serving::of($shelf, self::pieceMg($lots), $request->integer('target_mg'), $request->integer('guests'));
        $views = $this->lots->of($lots->filter(static fn(LotRow $it): bool => in_array($it->id, array_map(static fn(Taken $one): string => $one->from->lot, $serving->taken), true))->values());

        return new JsonResponse(new ServingView(
            $serving->perPlate,
            $serving->plateMg,
            $serving->covers,
            array_map(static fn(Taken $taken, $lot): ServingLotView => new ServingLotView($lot, $taken->massMg), $serving->taken, $views),
            $serving->shortMg,
            $serving->overMg,
            $product === self::HALVED ? EqualHalves::at(EqualHalves::BREAST) : null,
        ));
    }

    /** @return Collection<int, LotRow> what may be served of it, in the order in which it must be gone; frozen last */
    private function fit(string $species, string $product): Collection
    {
        $lots = LotRow::query()->where('on_hand_mg', '>', 0)->where('species', $species)->where('product', $product)->where('is_off', false)
            ->where(fn($it) => $it->whereNull('use_by')->orWhere('use_by', '>=', $this->school->today()->toDateString()))->orderBy('use_by')->orderBy('id')->get();

        return $lots->filter(static fn(LotRow $it): bool => ! in_array($it->cooling->verdict ?? null, ['too_slow_first', 'too_slow_total'], true))->values();
    }

    /**
     * What one of its pieces weighs on average, to the gram.
     *
     * @param Collection<int, LotRow> $lots
     */
    private static function pieceMg(Collection $lots): ?int
    {
        $mean = LotWeight::query()->whereIn('lot_id', $lots->pluck('family_id')->unique()->all())->where('slot', 'like', 'p%')->avg('mass_mg');

        return is_numeric($mean) ? self::MG_PER_G * (int) round((float) $mean / self::MG_PER_G) : null;
    }
}
