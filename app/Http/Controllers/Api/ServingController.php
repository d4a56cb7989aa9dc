<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\ReadServing;
use App\Http\LotViews;
use App\Http\Resources\LotShareView;
use App\Http\Resources\ServingView;
use App\Models\LotRow;
use DeftBlade\Core\Lots\EqualHalves;
use DeftBlade\Core\Lots\ProductName;
use DeftBlade\Core\Lots\Taken;
use DeftBlade\Core\Weighing\Mass;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** How many covers what is on hand makes, and from which lots they come. */
final class ServingController
{
    private const MOST_GUESTS = 10_000;

    /** A whole breast is often two plates. */
    private const HALVED = 'breast';

    public function __construct(private readonly ReadServing $reading, private readonly LotViews $lots) {}

    #[OA\Get(path: '/ledger/serving', operationId: 'serving', tags: ['ledger'])]
    #[OA\QueryParameter(name: 'species', required: true, schema: new OA\Schema(type: 'string'))]
    #[OA\QueryParameter(name: 'product', required: true, schema: new OA\Schema(type: 'string'))]
    #[OA\QueryParameter(name: 'marked', required: true, description: 'Its title in the words of the book, marked.', schema: new OA\Schema(type: 'string'))]
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
            'marked' => ['required', 'string', 'max:400'],
            'target_mg' => ['required', 'integer', 'min:1', 'max:'.Mass::MOST_MG],
            'guests' => ['required', 'integer', 'min:0', 'max:'.self::MOST_GUESTS],
        ]);
        $product = $request->string('product')->toString();
        $lots = $this->reading->shelf(new ProductName($request->string('species')->toString(), $product, $request->string('marked')->toString()));
        $serving = $this->reading->of($lots, $request->integer('target_mg'), $request->integer('guests'));
        $taken = array_map(static fn(Taken $it): string => $it->from->lot, $serving->taken);
        $views = $this->lots->of($lots->whereIn('id', $taken)->values());

        return new JsonResponse(new ServingView(
            $serving->perPlate,
            $serving->plateMg,
            $serving->covers,
            array_map(static fn(Taken $taken, $lot): LotShareView => new LotShareView($lot, $taken->massMg), $serving->taken, $views),
            $serving->shortMg,
            $serving->overMg,
            $product === self::HALVED ? EqualHalves::at(EqualHalves::BREAST) : null,
        ));
    }
}
