<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\ReadWeek;
use App\Http\Resources\FlowBandView;
use App\Http\Resources\FlowPlaceView;
use App\Http\Resources\WeekView;
use App\Models\LotRow;
use App\Roster\CsvText;
use App\School\School;
use Carbon\CarbonImmutable;
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
        [$from, $to] = $this->days($request);
        $flow = $this->reading->flow($from, $to);
        $ends = $flow->ends();

        return new JsonResponse(new WeekView(
            $from->toDateString(),
            $to->toDateString(),
            $this->school->today()->toDateString(),
            $flow->deliveredMg,
            $ends[FlowEnd::Eaten->value],
            $ends[FlowEnd::Cooked->value],
            $ends[FlowEnd::Lost->value],
            $ends[FlowEnd::Here->value],
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
        [$from, $to] = $this->days($request);
        $lines = [['From', 'To', 'kg']];
        foreach ($this->reading->flow($from, $to)->bands as $band) {
            $lines[] = [$this->titleOf($band->from), $this->titleOf($band->to), $band->massMg / self::MG_PER_KG];
        }

        return new Response(CsvText::BYTE_ORDER_MARK.CsvText::of($lines), headers: ['Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => "attachment; filename=\"flow-{$from->toDateString()}.csv\""]);
    }

    /** @return array{CarbonImmutable, CarbonImmutable} */
    private function days(Request $request): array
    {
        $request->validate(['from' => ['date_format:Y-m-d'], 'to' => ['date_format:Y-m-d', 'after_or_equal:from']]);
        $from = $request->has('from') ? CarbonImmutable::parse($request->string('from')->toString()) : $this->school->today()->startOfWeek();

        return [$from, $request->has('to') ? CarbonImmutable::parse($request->string('to')->toString()) : $from->addDays(self::DAYS)];
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
