<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\HeldFlow;
use App\Actions\ReadWeek;
use App\Http\AskedDays;
use App\Http\CsvFile;
use App\Http\Resources\FlowBandView;
use App\Http\Resources\FlowMoneyView;
use App\Http\Resources\FlowPlaceView;
use App\Http\Resources\WeekView;
use App\Models\LotRow;
use App\School\School;
use DeftBlade\Core\Lots\ClassFlow;
use DeftBlade\Core\Lots\Flow;
use DeftBlade\Core\Lots\FlowBand;
use DeftBlade\Core\Lots\FlowEnd;
use DeftBlade\Core\Lots\FlowStage;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;
use OpenApi\Attributes as OA;

/** Where what came in went, over a week or any days. */
final class WeekController
{
    private const DAYS = 6;

    private const MG_PER_KG = 1_000_000;

    public function __construct(private readonly School $school, private readonly ReadWeek $reading) {}

    #[OA\Get(path: '/ledger/week', operationId: 'week', tags: ['ledger'])]
    #[OA\QueryParameter(name: 'from', description: 'The Monday of this week where nothing is said.', schema: new OA\Schema(type: 'string', format: 'date'))]
    #[OA\QueryParameter(name: 'to', description: 'Seven days where nothing is said.', schema: new OA\Schema(type: 'string', format: 'date'))]
    #[OA\Response(response: 200, description: 'The flow of mass', content: new OA\JsonContent(ref: WeekView::class))]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function show(Request $request): JsonResponse
    {
        Gate::authorize('viewAny', LotRow::class);
        $days = $this->days($request);
        $flows = $this->reading->between($days->from, $days->to);
        $flow = self::flow($flows);
        $ends = $flow->ends();

        return new JsonResponse(new WeekView(
            $days->from->toDateString(),
            $days->to->toDateString(),
            $this->school->today()->toDateString(),
            $flow->deliveredMg,
            $ends[FlowEnd::Eaten->value],
            $ends[FlowEnd::Cooked->value],
            $ends[FlowEnd::Lost->value],
            $ends[FlowEnd::Here->value],
            $this->school->currency()->code,
            FlowMoneyView::of($flows),
            $this->places($flow),
            array_map(static fn(FlowBand $it): FlowBandView => new FlowBandView($it->from, $it->to, $it->massMg), $flow->bands),
        ));
    }

    #[OA\Get(path: '/ledger/week.csv', operationId: 'weekCsv', tags: ['ledger'])]
    #[OA\QueryParameter(name: 'from', schema: new OA\Schema(type: 'string', format: 'date'))]
    #[OA\QueryParameter(name: 'to', schema: new OA\Schema(type: 'string', format: 'date'))]
    #[OA\Response(response: 200, description: 'The bands of the flow, in kg', content: new OA\MediaType(mediaType: 'text/csv', schema: new OA\Schema(type: 'string')))]
    public function csv(Request $request): Response
    {
        Gate::authorize('viewAny', LotRow::class);
        $days = $this->days($request);
        $lines = [['From', 'To', 'kg']];
        foreach (self::flow($this->reading->between($days->from, $days->to))->bands as $band) {
            $lines[] = [$this->titleOf($band->from), $this->titleOf($band->to), $band->massMg / self::MG_PER_KG];
        }

        return CsvFile::of("flow-{$days->from->toDateString()}.csv", $lines);
    }

    private function days(Request $request): AskedDays
    {
        return AskedDays::of($request, $this->school->today()->startOfWeek(), self::DAYS);
    }

    /** @param list<HeldFlow> $flows */
    private static function flow(array $flows): Flow
    {
        return ClassFlow::together(array_map(static fn(HeldFlow $it): ClassFlow => $it->flow, $flows));
    }

    /** @return list<FlowPlaceView> */
    private function places(Flow $flow): array
    {
        $ids = array_values(array_unique(array_merge([], ...array_map(static fn(FlowBand $it): array => [$it->from, $it->to], $flow->bands))));

        return array_map(fn(string $it): FlowPlaceView => new FlowPlaceView($it, $this->titleOf($it), $flow->through($it)), $ids);
    }

    private function titleOf(string $place): string
    {
        return match (FlowStage::tryFrom($place)) {
            null => Str::ucfirst($place),
            FlowStage::Cuts => 'Cuts',
            FlowStage::ByProducts => 'By-products',
            FlowStage::Waste => 'Waste',
            FlowStage::Open => 'Still to be weighed',
            FlowStage::Loss => 'Drip and loss',
            FlowStage::Service => 'Service',
            FlowStage::Practical => 'Another class',
            FlowStage::Staff => 'Staff',
            FlowStage::Stock => 'Stock',
            FlowStage::Render => 'Rendered',
            FlowStage::Mince => 'Mince',
            FlowStage::Bin => 'Bin',
            FlowStage::OnHand => 'On hand',
            FlowStage::Tables => 'On the tables',
        };
    }
}
